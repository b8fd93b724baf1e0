export { readPrice, type ReadPrice } from './price.ts';
export {
  findHeading,
  guessColumns,
  headingKey,
  LIST_FIELDS,
  missingColumns,
  type ListColumns,
  type ListField,
  type TaughtColumn,
} from './columns.ts';
export { readHeader, type ListHeader } from './header.ts';
export {
  nameKey,
  readPackingList,
  type Fixes,
  type LineFix,
  type ListProblem,
  type PassedLine,
  type Answers,
  type PackingList,
  type ReadBag,
  type ReadLot,
  type ReadName,
  type TaughtName,
} from './packingList.ts';
export { readHeads, readSize } from './cells.ts';
export { readStockList, type ReadStock, type StockList } from './stockList.ts';
export { partsOfLine, readTyped, type TypedLine } from './typed.ts';
export { learnt, readList, type Field, type ReadReply, type ReadRequest } from './readList.ts';
