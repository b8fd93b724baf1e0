// Files in and out of the browser: text of a chosen file, and text offered as a file.
import { decodeText, isSheetFile } from '#core/text/index.ts';

/** The largest text file that is read; far above any list of a shop. */
export const MAX_FILE_BYTES = 4_000_000;

/** `name` = of the file, and of the sheet that was read. */
export type FileText = { name: string; text: string; encoding: string };

/** Throws an Error in plain words when the file is too large or holds no text. */
export async function readTextFile(file: Blob & { name?: string }): Promise<FileText> {
  const name = file.name ?? 'pasted text';
  if (file.size > MAX_FILE_BYTES) throw new Error(`${name} is larger than ${MAX_FILE_BYTES / 1e6} MB. Is it the right file?`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (bytes.length === 0) throw new Error(`${name} is empty.`);
  if (isSheetFile(bytes)) {
    const { text, sheet, others } = await (await import('../sheets/readSheet.ts')).readSheet(name, bytes);
    return { name: `${name}, sheet ${sheet}${others.length > 0 ? ` (not read: ${others.join(', ')})` : ''}`, text, encoding: 'XLSX' };
  }
  if (bytes.subarray(0, 4096).includes(0))
    throw new Error(`${name} is neither text nor a spreadsheet. Save the list as XLSX, CSV or text and give that.`);
  return { name, ...decodeText(bytes) };
}

/** Offers bytes or words as a file. */
export function saveFile(name: string, data: BlobPart, type: string): void {
  const url = URL.createObjectURL(new Blob([data], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // Some browsers read it after the click has returned.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Offers text as a file; CSV gets a byte order mark, without which spreadsheets misread accents. */
export function saveTextFile(name: string, text: string, type: 'text/csv' | 'application/x-ndjson'): void {
  saveFile(name, type === 'text/csv' ? `\uFEFF${text}` : text, `${type};charset=utf-8`);
}
