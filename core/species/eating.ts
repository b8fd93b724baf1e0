// Who eats whom, from what each takes and how wide it opens. A judgement from length alone: shape and hunger vary.
import type { SpeciesFacts } from './entries.ts';

export type Sized = { species: Pick<SpeciesFacts, 'is' | 'eats' | 'id'>; sizeCm: number };

/** True when `eater` would take `eaten`: its kind of prey, and no longer than gape × own length. Own kind is not judged; of what eats nobody knows what, nothing is said here. */
export function eats(eater: Sized, eaten: Sized): boolean {
  if (eater.species.id === eaten.species.id) return false;
  if (!eater.species.eats) return false;
  const { prey, gape } = eater.species.eats;
  return prey.includes(eaten.species.is) && eaten.sizeCm <= gape * eater.sizeCm;
}
