// The one photograph of the story: drawn, as all that is shown here is made up.
import fs from 'node:fs';
import path from 'node:path';
import { readJpeg, type Picture } from '#core/photos/index.ts';
import { storePhoto, sumOf } from '#server/photos/store.ts';

const read = (name: string) => fs.readFileSync(path.join(import.meta.dirname, '..', 'demo', 'files', name));
const FILES = { picture: 'bag-4.jpg', small: 'bag-4-small.jpg' } as const;

function pictureOf(name: string): Picture {
  const bytes = read(name);
  const size = readJpeg(bytes);
  if ('fault' in size) throw new Error(`${name}: ${size.fault}`);
  return { sha256: sumOf(bytes), bytes: bytes.length, ...size };
}

export const deadInBag = (): { picture: Picture; small: Picture } => ({ picture: pictureOf(FILES.picture), small: pictureOf(FILES.small) });
export const storePictures = (data: string): void => Object.values(FILES).forEach((name) => void storePhoto(data, read(name)));
