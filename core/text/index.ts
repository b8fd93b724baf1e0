export { decodeText, parseCsv, writeCsv, type CsvRow, type CsvTable } from './csv.ts';
export { plain, wordsOf } from './words.ts';
