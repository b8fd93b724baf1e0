// A JPEG of the barest sort, for tests: its markers are right, and nothing can be seen on it.

const segment = (marker: number, ...body: number[]): number[] => [0xff, marker, (body.length + 2) >> 8, (body.length + 2) & 0xff, ...body];
type Bare = { width: number; height: number; /** Says which of them it is. */ seed?: number; more?: number[]; after?: number[] };

/** `more` = segments before the picture, `after` = what a camera writes behind its end. */
export function bareJpeg({ width, height, seed = 0, more = [], after = [] }: Bare): Uint8Array {
  const frame = segment(0xc0, 8, height >> 8, height & 0xff, width >> 8, width & 0xff, 1, 1, 0x11, 0);
  const scan = [...segment(0xda, 1, 1, 0, 0, 63, 0), seed & 0x7f, (seed >> 7) & 0x7f, 0x2a];
  return Uint8Array.from([0xff, 0xd8, ...segment(0xe0, 0x4a, 0x46, 0x49, 0x46, 0), ...more, ...frame, ...scan, 0xff, 0xd9, ...after]);
}
export const exif = (): number[] => segment(0xe1, 0x45, 0x78, 0x69, 0x66, 0, 0, 0xff, 0xd8, 0xff, 0xd9);
