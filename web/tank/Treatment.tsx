// That a system is under a treatment, from when to when: its clocks count by it. Never a dose.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { TankView } from '#contract/views.ts';
import { MEDICATION_FAMILIES, type MedicationFamily } from '#core/species/index.ts';
import { newId } from '../data/house.ts';
import { useTimes } from '../data/me.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';

export function Treatment({ system, onDone }: { system: NonNullable<TankView['system']>; onDone: () => void }) {
  const overrule = useOverrule();
  const [chosen, setChosen] = useState<MedicationFamily>();
  const { when } = useTimes();
  const running = new Set(system.treatments.map(({ family }) => family));
  return (
    <div className="tank-form">
      {system.treatments.map(({ treatment, family, begunAtMs }) => (
        <Button
          key={treatment}
          variant="plain"
          onClick={() =>
            overrule.attempt({
              title: `${family} ended`,
              doing: 'It ended',
              words: `${family} in ${system.name} ended`,
              drafts: [{ kind: 'treatment.ended', payload: { treatment, system: system.id } }],
              onDone,
            })
          }
        >
          {family} has ended (since {when(begunAtMs)})
        </Button>
      ))}
      <div className="field">
        <span className="label">{system.name} is under</span>
        <div className="chips" role="group" aria-label="A treatment begins">
          {MEDICATION_FAMILIES.filter((family) => !running.has(family)).map((family) => (
            <Button
              key={family}
              variant={chosen === family ? 'primary' : 'odd'}
              aria-pressed={chosen === family}
              onClick={() => setChosen(chosen === family ? undefined : family)}
            >
              {family}
            </Button>
          ))}
        </div>
      </div>
      {chosen && (
        <ActButton
          onPress={() =>
            overrule.attempt({
              title: `${chosen} in ${system.name}`,
              doing: 'It is in all the same',
              words: `${system.name} is under ${chosen}`,
              drafts: [{ kind: 'treatment.begun', payload: { treatment: newId(), system: system.id, family: chosen } }],
              onDone,
            })
          }
          hint={
            system.others.length > 0
              ? `all of ${system.others.length + 1} tanks share this system`
              : 'from now on, until you say that it ended'
          }
        >
          {system.name} is under {chosen} now
        </ActButton>
      )}
      <Caution>
        How much is on the label, not here. Label, local rules and a veterinarian decide; some treatments are on prescription. Carbon out;
        air on.
      </Caution>
    </div>
  );
}
