// How holds are counted here, class by class, and every version of the rules that there was.
import { useState } from 'react';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { QUARANTINE_CLASSES, LONGEST_QUARANTINE_DAYS, type QuarantineClass, type QuarantinePolicy } from '#core/quarantine/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { numberOf, PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';

const YES_NO = ['yes', 'no'] as const;
export const QUARANTINE_FIELDS: FormField[] = [
  {
    name: 'days',
    type: 'number',
    label: 'Clear days required',
    min: 1,
    max: LONGEST_QUARANTINE_DAYS,
    whole: true,
    hint: '7 to 10, 14 and 28 are quoted in the trade',
  },
  { name: 'daysAfterTreatment', type: 'number', label: 'after a treatment has ended', min: 1, max: LONGEST_QUARANTINE_DAYS, whole: true },
  { name: 'countsUnderTreatment', type: 'choice', label: 'Days under a treatment count', options: YES_NO },
  { name: 'newcomer', type: 'choice', label: 'Newcomers in quarantine restart it', options: YES_NO },
  { name: 'illnessInSystem', type: 'choice', label: 'Illness of others on the system restarts it', options: YES_NO },
  { name: 'contact', type: 'choice', label: 'A wet tool or water from fish in quarantine restarts it', options: YES_NO },
];
const yes = (value: boolean) => (value ? 'yes' : 'no');
export const quarantineValues = ({ days, daysAfterTreatment, countsUnderTreatment, restartsOn }: QuarantinePolicy): Values => ({
  days: String(days),
  daysAfterTreatment: String(daysAfterTreatment),
  countsUnderTreatment: yes(countsUnderTreatment),
  newcomer: yes(restartsOn.newcomer),
  illnessInSystem: yes(restartsOn.illnessInSystem),
  contact: yes(restartsOn.contact),
});
export const policyOf = (values: Values): QuarantinePolicy => ({
  days: numberOf(values.days),
  daysAfterTreatment: numberOf(values.daysAfterTreatment),
  countsUnderTreatment: values.countsUnderTreatment === 'yes',
  restartsOn: { newcomer: values.newcomer === 'yes', illnessInSystem: values.illnessInSystem === 'yes', contact: values.contact === 'yes' },
});

export function sayPolicy({ days, daysAfterTreatment, countsUnderTreatment, restartsOn }: QuarantinePolicy): string {
  const anew = [
    'illness',
    restartsOn.newcomer && 'newcomers',
    restartsOn.illnessInSystem && 'illness in the system',
    restartsOn.contact && 'contact',
  ].filter(Boolean);
  return `${days} clear days, ${daysAfterTreatment} after a treatment${countsUnderTreatment ? ', days under one count' : ''}; restarted by ${anew.join(', ')}`;
}

export function QuarantineRules({ view, write, mayEdit }: PartProps) {
  const { house } = useMe();
  const { when } = useTimes();
  const [fishClass, setOf] = useState<QuarantineClass>('marine');
  const versions = view.ruleVersions;
  return (
    <section className="card" aria-label="Quarantine">
      <h2>Quarantine</h2>
      <p className="soft">A running quarantine keeps the rule that it was opened with.</p>
      <Chips label="Class" options={QUARANTINE_CLASSES} value={fishClass} onChange={setOf} />
      {mayEdit ? (
        <PlainForm
          draft={`quarantine of ${fishClass}`}
          key={fishClass + JSON.stringify(house.rules.quarantine[fishClass])}
          fields={QUARANTINE_FIELDS}
          initial={quarantineValues(house.rules.quarantine[fishClass])}
          submit={`Our quarantine: ${fishClass}`}
          keep
          onSubmit={async (values) => {
            const rules: HouseRules = { ...house.rules, quarantine: { ...house.rules.quarantine, [fishClass]: policyOf(values) } };
            const wrong = await write(`Quarantine of ${fishClass}`, {
              kind: 'house.configured',
              payload: { name: house.name, zone: house.zone, rules },
            });
            if (wrong === undefined) await mutate(paths.me);
            return wrong;
          }}
        />
      ) : (
        <p>{sayPolicy(house.rules.quarantine[fishClass])}</p>
      )}
      <h3>Versions: {fishClass}</h3>
      <ol className="plain-list">
        {versions
          .filter(({ rules }, index) => {
            const before = versions[index + 1];
            return !before || JSON.stringify(before.rules.quarantine[fishClass]) !== JSON.stringify(rules.quarantine[fishClass]);
          })
          .map(({ entry, atMs, by, rules }) => (
            <li key={entry}>
              <span className="soft">
                since {when(atMs)}, {by}:
              </span>{' '}
              {sayPolicy(rules.quarantine[fishClass])}
            </li>
          ))}
      </ol>
    </section>
  );
}
