// What a photograph must be before it is kept: a whole JPEG that carries nothing but its picture. Walks the markers (ITU-T T.81, annex B); decodes nothing.

/** `place data` = a segment that cameras write about place, time and device. */
export type JpegFault = 'none' | 'cut off' | 'place data';
export type Jpeg = { width: number; height: number };

const [SOI, EOI, SOS] = [0xd8, 0xd9, 0xda];
/** Start of frame: its size stands there. Not among them: tables (C4), JPG (C8), arithmetic conditioning (CC). */
const isFrame = (marker: number) => marker >= 0xc0 && marker <= 0xcf && marker !== 0xc4 && marker !== 0xc8 && marker !== 0xcc;
/** APP1 to APP13, APP15 and comments: Exif, XMP, colour of a device. APP0 and APP14 say how the picture is coded. */
const isAbout = (marker: number) => (marker >= 0xe1 && marker <= 0xed) || marker === 0xef || marker === 0xfe;

type Segment = { marker: number; at: number; length: number };
/** The segments before the picture itself, its start last; undefined where they do not hold together. */
function segmentsOf(bytes: Uint8Array): Segment[] | undefined {
  if (!isJpeg(bytes)) return undefined;
  const segments: Segment[] = [];
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    const length = (bytes[at + 2]! << 8) | bytes[at + 3]!;
    if (length < 2 || at + 2 + length > bytes.length) return undefined;
    segments.push({ marker, at, length });
    if (marker === SOS) return segments;
    at += 2 + length;
  }
  return undefined;
}

export const isJpeg = (bytes: Uint8Array): boolean => bytes.length > 3 && bytes[0] === 0xff && bytes[1] === SOI && bytes[2] === 0xff;

/** Whether the end of the picture is there; cameras may write more behind it, and a smaller picture with an end of its own before it. */
export function isWholeJpeg(bytes: Uint8Array): boolean {
  const start = segmentsOf(bytes)?.at(-1);
  if (!start) return false;
  for (let at = bytes.length - 2; at > start.at; at -= 1) if (bytes[at] === 0xff && bytes[at + 1] === EOI) return true;
  return false;
}

/** The same picture without what is written about it (browsers add a colour profile, some of them more); as it is where it is no whole JPEG. */
export function bareOf(bytes: Uint8Array): Uint8Array {
  const about = (segmentsOf(bytes) ?? []).filter(({ marker }) => isAbout(marker));
  const kept: Uint8Array[] = [];
  let from = 0;
  for (const { at, length } of about) {
    kept.push(bytes.subarray(from, at));
    from = at + 2 + length;
  }
  kept.push(bytes.subarray(from));
  const bare = new Uint8Array(kept.reduce((sum, piece) => sum + piece.length, 0));
  let to = 0;
  for (const piece of kept) {
    bare.set(piece, to);
    to += piece.length;
  }
  return bare;
}

/** The size of the picture, or what is wrong with it as one to be kept. `none` = it is no JPEG. */
export function readJpeg(bytes: Uint8Array): Jpeg | { fault: JpegFault } {
  if (!isJpeg(bytes)) return { fault: 'none' };
  const segments = segmentsOf(bytes);
  if (!segments || bytes[bytes.length - 2] !== 0xff || bytes[bytes.length - 1] !== EOI) return { fault: 'cut off' };
  if (segments.some(({ marker }) => isAbout(marker))) return { fault: 'place data' };
  const frame = segments.find(({ marker, length }) => isFrame(marker) && length >= 9);
  if (!frame) return { fault: 'none' };
  const word = (at: number) => (bytes[at]! << 8) | bytes[at + 1]!;
  const size = { height: word(frame.at + 5), width: word(frame.at + 7) };
  return size.width > 0 && size.height > 0 ? size : { fault: 'none' };
}
