// The bytes of photographs in the data directory, each under its own sum: written whole or not at all, the same bytes once.
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';

export const sumOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
/** Where a data directory, or a folder of copies, keeps them. */
export const photoFolder = (data: string): string => path.join(data, 'files');
export const photoFile = (data: string, sha256: string): string => path.join(photoFolder(data), sha256.slice(0, 2), `${sha256}.jpg`);

/** Whole under its own name, or not there: a power cut leaves nothing half. */
export function storePhoto(data: string, bytes: Uint8Array): string {
  const sha256 = sumOf(bytes);
  const file = photoFile(data, sha256);
  if (fs.existsSync(file)) return sha256;
  fs.mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
  const part = `${file}.${process.pid}.part`;
  try {
    const to = fs.openSync(part, 'w', 0o600);
    try {
      fs.writeSync(to, bytes);
      fs.fsyncSync(to);
    } finally {
      fs.closeSync(to);
    }
    fs.renameSync(part, file);
  } finally {
    fs.rmSync(part, { force: true });
  }
  return sha256;
}

/** Its bytes, when they are here and are those of the sum. */
export function findPhoto(data: string, sha256: string): Buffer | undefined {
  try {
    const bytes = fs.readFileSync(photoFile(data, sha256));
    return sumOf(bytes) === sha256 ? bytes : undefined;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
    throw error;
  }
}

export type Copied = { copied: number; missing: string[] };
/** Brings those that are named from one place to the other; what is there already stays, what is not here or is damaged is told. */
export function copyPhotos(from: string, into: string, named: readonly { sha256: string }[]): Copied {
  const told: Copied = { copied: 0, missing: [] };
  for (const { sha256 } of named) {
    if (findPhoto(into, sha256)) continue;
    const bytes = findPhoto(from, sha256);
    if (!bytes) told.missing.push(sha256);
    else {
      fs.rmSync(photoFile(into, sha256), { force: true });
      storePhoto(into, bytes);
      told.copied += 1;
    }
  }
  return told;
}
