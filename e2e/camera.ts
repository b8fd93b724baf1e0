// Pictures for tests that photograph.
import type { Page } from '@playwright/test';

/** A picture as a camera gives it: large, with its place and device told in it, and on its side. */
export const fromCamera = (page: Page, { width, height }: { width: number; height: number }): Promise<Buffer> =>
  page
    .evaluate(
      async ([w, h]) => {
        const canvas = new OffscreenCanvas(w, h);
        const context = canvas.getContext('2d')!;
        for (let band = 0; band < 40; band += 1) {
          context.fillStyle = `hsl(${band * 9} 60% 50%)`;
          context.fillRect(0, (band * h) / 40, w, h / 40);
        }
        const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer());
        // Exif: orientation 6, "turn a quarter to the right".
        const tiff = [0x4d, 0x4d, 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0];
        const exif = [0x45, 0x78, 0x69, 0x66, 0, 0, ...tiff];
        return [...bytes.subarray(0, 2), 0xff, 0xe1, 0, exif.length + 2, ...exif, ...bytes.subarray(2)];
      },
      [width, height] as const,
    )
    .then((bytes) => Buffer.from(bytes));
