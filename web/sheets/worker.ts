// Reads spreadsheets away from the page: one that is more than it seems ends with its worker.
import { sheetText } from './sheet.ts';

onmessage = ({ data }: MessageEvent<Uint8Array>) => void sheetText(data).then((reply) => postMessage(reply));
