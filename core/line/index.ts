export type { LineEntry, LineHouse, LineLot, LineNote, LineTank, NotUnderstood, Stuck, Understood } from './line.ts';
export { readLine } from './read.ts';
export { offersFor } from './repair.ts';
