// How a figure on the screens comes about: its law, the same with the numbers of this case, how sure it is, whence it is, what would change it.

export type Figure = {
  /** Which figure: the heading. */
  what: string;
  /** The law in words and signs. */
  law: string;
  /** The law with these numbers, each `… = …`; what is on the left makes what is on the right. */
  sums: readonly string[];
  /** How far it may be off. */
  band: string;
  source: string;
  /** What would make it another, above all what somebody could measure. */
  changes: string;
};

/** Digits enough that a reader who does the sum again ends where we did. */
export const num = (value: number, digits = 2): string => String(Number(value.toFixed(digits)));
