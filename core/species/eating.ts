// Who eats whom, from what each takes and how wide it opens. A judgement from length alone: shape and hunger vary.
import type { SpeciesFacts } from './entries.ts';

export type Sized = { species: Pick<SpeciesFacts, 'is' | 'eats' | 'id'>; sizeCm: number };

/** True when `one` would take `other`: its kind of prey, and no longer than gape × own length. Own kind is not judged. */
export function eats(one: Sized, other: Sized): boolean {
  if (one.species.id === other.species.id) return false;
  const { prey, gape } = one.species.eats;
  return prey.includes(other.species.is) && other.sizeCm <= gape * one.sizeCm;
}
