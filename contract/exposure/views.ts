// What the screens read of tools, and what met whom by them. Instants are UTC ms, quantities SI.

export type ToolCard = {
  id: string;
  name: string;
  what: string;
  racks: string[];
  widthCm?: number;
  meshMm?: number;
  wet: { tank: string; code: string; atMs: number }[];
};

/** `from` and `to`: which way the tool or the water went. */
export type ExposureContact = {
  entry: string;
  by: 'tool' | 'water';
  name: string;
  from: { id: string; code: string };
  to: { id: string; code: string };
  atMs: number;
};
