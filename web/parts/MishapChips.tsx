// A fish that fell, jumped or landed on its back while it was released: noted by one tap, undone by the same.
import { MISHAPS, type Mishap } from '#core/rounds/index.ts';
import { Chips } from './Chips.tsx';

export function MishapChips({ value, onChange }: { value: Mishap | undefined; onChange: (mishap: Mishap | undefined) => void }) {
  return (
    <Chips
      label="One fell, jumped, or landed on its back?"
      options={MISHAPS}
      value={value}
      onChange={(what) => onChange(what === value ? undefined : what)}
      odd={() => true}
    />
  );
}
