// A plain number as people write it.

/** `4.5` and `4,5` are the same; undefined for anything else, a sign or a unit among it. */
export const numberIn = (text: string): number | undefined =>
  /^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : undefined;
