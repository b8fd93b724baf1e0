// What a lead decides of places for a time; a judgement to start from.

export type StockSettings = {
  /** How long fish may stand in a bucket, box or behind a divider unless somebody says otherwise, hours. */
  temporaryH: number;
};
export const STARTING_STOCK: StockSettings = { temporaryH: 4 };
