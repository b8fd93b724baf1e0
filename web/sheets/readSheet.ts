// A spreadsheet read beside the page, within a time; what is wrong with it in words.
import type { SheetFault, SheetReply, SheetText } from './sheet.ts';

const READS_WITHIN_MS = 20_000;

export const SHEET_FAULTS: Record<SheetFault, string> = {
  'no spreadsheet': 'it is packed, and is no spreadsheet. A list comes as XLSX, CSV or text',
  'old format': 'it is of the format before 2007, or locked by a password. Save it as XLSX or CSV, without one',
  protected: 'it is locked by a password. Save it without one',
  'too much in it': 'far more is in it than a packing list has. Save the sheet alone as CSV',
  empty: 'none of its sheets has anything in it',
  broken: 'it is damaged, or cut off on its way. Ask for it again, or save it as CSV',
};

/** Throws an Error in plain words when nothing can be read from it. */
export async function readSheet(name: string, bytes: Uint8Array): Promise<SheetText> {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  const reply = await new Promise<SheetReply>((resolve) => {
    const late = setTimeout(() => resolve({ fault: 'too much in it' }), READS_WITHIN_MS);
    worker.onmessage = ({ data }: MessageEvent<SheetReply>) => (clearTimeout(late), resolve(data));
    worker.onerror = () => (clearTimeout(late), resolve({ fault: 'broken' }));
    worker.postMessage(bytes);
  }).finally(() => worker.terminate());
  if ('fault' in reply) throw new Error(`${name}: ${SHEET_FAULTS[reply.fault]}.`);
  return reply;
}
