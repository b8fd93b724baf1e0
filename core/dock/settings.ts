// What a lead decides of crates; judgements to start from.

export type DockSettings = {
  /** A crate this late, or closed this long, is worked first. */
  lateAfterH: number;
  longClosedH: number;
};
export const STARTING_DOCK: DockSettings = { lateAfterH: 6, longClosedH: 36 };
