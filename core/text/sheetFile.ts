// Whether a file is a spreadsheet, by its first bytes.

/** Of before 2007; protected ones of today too. */
export const isOldSheet = ([a, b, c, d]: Uint8Array): boolean => a === 0xd0 && b === 0xcf && c === 0x11 && d === 0xe0;
/** Zipped, as every present spreadsheet is, or old. */
export const isSheetFile = (bytes: Uint8Array): boolean =>
  isOldSheet(bytes) || (bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4);
