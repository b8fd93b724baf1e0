// What a bath is made of, with its arithmetic, and that the amount is the label's.
import { bathDose, type Bath } from '#core/runs/index.ts';
import runsCss from '../runs.module.scss';

export function BathNote({ bath }: { bath: Bath }) {
  const { arithmetic } = bathDose(bath.dose, bath.litres);
  return (
    <p className={runsCss.bathNote}>
      <b>{bath.label}</b>: {arithmetic}, by the label as it was entered. Somebody stays beside it. Out at once when a fish rolls, gasps or
      lies on its side. <span className="soft">Follow the label, the local rules and a veterinarian.</span>
    </p>
  );
}
