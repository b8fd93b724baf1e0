// The look-up of a species list, built once for each species list that was read.
import { makeLookUp, type LookUp, type Named } from '#core/species/index.ts';

const built = new WeakMap<readonly Named[], LookUp>();

export function lookUpOf(allSpecies: readonly Named[]): LookUp {
  let lookUp = built.get(allSpecies);
  if (!lookUp) built.set(allSpecies, (lookUp = makeLookUp(allSpecies)));
  return lookUp;
}
