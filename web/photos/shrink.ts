// A picture from a camera or a file made into what is kept: as large as it needs to be, upright, with nothing in it of place or device. Runs in a worker, or where there is none, here.
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { bareOf, isJpeg, isWholeJpeg, LONGEST_SIDE, SMALL_SIDE, type Picture } from '#core/photos/index.ts';

export type Made = Picture & { data: ArrayBuffer };
export type Shrunk = { picture: Made; small: Made };
export type ShrinkFault = 'too large' | 'cut off' | 'no picture';
export type ShrinkReply = Shrunk | { fault: ShrinkFault };

/** No phone makes larger ones, and a device of little memory would stop at it. */
export const MOST_FILE_BYTES = 40_000_000;
/** Of a side: more than any camera has, and a canvas of more would not be made. */
const MOST_SIDE = 20_000;
const [GOOD, SMALL] = [0.82, 0.7];

type Canvas = OffscreenCanvas | HTMLCanvasElement;
const makeCanvas = (width: number, height: number): Canvas =>
  typeof OffscreenCanvas === 'undefined'
    ? Object.assign(document.createElement('canvas'), { width, height })
    : new OffscreenCanvas(width, height);

const jpegOf = (canvas: Canvas, quality: number): Promise<Blob> =>
  'convertToBlob' in canvas
    ? canvas.convertToBlob({ type: 'image/jpeg', quality })
    : new Promise((resolve, reject) =>
        canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture was made'))), 'image/jpeg', quality),
      );

/** Pixels that it has when its longest side is at most `longest`; a small one is not made larger. */
export function sizeWithin(longest: number, { width, height }: { width: number; height: number }): { width: number; height: number } {
  const by = Math.min(1, longest / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * by)), height: Math.max(1, Math.round(height * by)) };
}

async function make(from: ImageBitmap | Canvas, longest: number, quality: number): Promise<{ made: Made; canvas: Canvas }> {
  const { width, height } = sizeWithin(longest, from);
  const canvas = makeCanvas(width, height);
  const context = canvas.getContext('2d') as CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;
  // What is see-through in a drawing is white, not black.
  context.fillStyle = '#fff';
  context.fillRect(0, 0, width, height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(from, 0, 0, width, height);
  const bare = bareOf(new Uint8Array(await (await jpegOf(canvas, quality)).arrayBuffer()));
  const data = bare.buffer as ArrayBuffer;
  return { made: { data, bytes: data.byteLength, width, height, sha256: bytesToHex(sha256(bare)) }, canvas };
}

export async function shrink(file: Blob): Promise<ShrinkReply> {
  if (file.size > MOST_FILE_BYTES) return { fault: 'too large' };
  const bytes = new Uint8Array(await file.arrayBuffer());
  // A browser draws half a picture without a word.
  if (isJpeg(bytes) && !isWholeJpeg(bytes)) return { fault: 'cut off' };
  let drawn: ImageBitmap;
  try {
    drawn = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return { fault: 'no picture' };
  }
  try {
    if (Math.max(drawn.width, drawn.height) > MOST_SIDE) return { fault: 'too large' };
    const whole = await make(drawn, LONGEST_SIDE, GOOD);
    return { picture: whole.made, small: (await make(whole.canvas, SMALL_SIDE, SMALL)).made };
  } finally {
    drawn.close();
  }
}
