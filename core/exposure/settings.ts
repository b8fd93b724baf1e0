// What a lead decides of tools; a judgement to start from.

export type ExposureSettings = {
  /** A tool that nobody disinfected carries for so long, hours. */
  toolDriesH: number;
};
export const STARTING_EXPOSURE: ExposureSettings = { toolDriesH: 24 };
