// How much water a tank, a cylinder or a tub holds, from what a tape measure says. Lengths cm, volumes L.

export type Shape = 'box' | 'cylinder';

/** Litres to a water line: box length × width × height, cylinder π/4 · diameter² · height. A RangeError on what is not above 0. */
export function litresOf(vessel: { shape: Shape; lengthCm: number; widthCm: number; heightCm: number }): number {
  const { shape, lengthCm, widthCm, heightCm } = vessel;
  if (!(lengthCm > 0 && heightCm > 0 && (shape === 'cylinder' || widthCm > 0))) throw new RangeError('every length must be above 0 cm');
  const cm3 = shape === 'box' ? lengthCm * widthCm * heightCm : (Math.PI / 4) * lengthCm * lengthCm * heightCm;
  return cm3 / 1000;
}
