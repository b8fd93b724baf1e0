export { decodeText, parseCsv, writeCsv, type CsvRow, type CsvTable, type FileProblem } from './csv.ts';
export { isSameName } from './names.ts';
export { plain, wordsOf } from './words.ts';
export { allowedEdits, editsBetween, nearest } from './near.ts';
export { isOldSheet, isSheetFile } from './sheetFile.ts';
export { numberIn } from './number.ts';
