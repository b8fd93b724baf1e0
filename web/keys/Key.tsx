// The cap of a key beside what it does; said to nobody who cannot see it, for the list on `?` says it.
import { KEYS, type KeyName } from './table.ts';

export function Key({ name }: { name: KeyName }) {
  return <kbd aria-hidden>{KEYS[name].shown}</kbd>;
}
