// This one, all of them, or so many: for what can be done for several bags of a lot at once.
import { Chips } from './Chips.tsx';
import { CountField } from './CountField.tsx';

type Props = { label: string; single: string; of: number; value: number; onChange: (value: number) => void };

/** `of` = how many there are with this one; nothing is asked where there are no others. */
export function HowMany({ label, single, of, value, onChange }: Props) {
  if (of < 2) return null;
  const options = [single, `all ${of}`, 'some of them'];
  const chosen = value === 1 ? single : value === of ? `all ${of}` : 'some of them';
  return (
    <>
      <Chips
        label={label}
        options={of === 2 ? options.slice(0, 2) : options}
        value={chosen}
        onChange={(option) => onChange(option === single ? 1 : option === `all ${of}` ? of : Math.max(2, Math.min(of - 1, 5)))}
      />
      {chosen === 'some of them' && <CountField label={`Of ${of}`} value={value} min={1} max={of} onChange={onChange} />}
    </>
  );
}
