// The look-up of a shelf, built once for each shelf that was read.
import { makeLookUp, type LookUp, type Named } from '#core/species/index.ts';

const built = new WeakMap<readonly Named[], LookUp>();

export function lookUpOf(shelf: readonly Named[]): LookUp {
  let lookUp = built.get(shelf);
  if (!lookUp) built.set(shelf, (lookUp = makeLookUp(shelf)));
  return lookUp;
}
