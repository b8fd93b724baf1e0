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
  type Answers,
  type PackingList,
  type ReadBag,
  type ReadLot,
  type ReadName,
  type TaughtName,
} from './packingList.ts';
