// How holds are counted here, class by class, and every version of the rules that there was.
import { useState } from 'react';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { HOLD_CLASSES, LONGEST_HOLD_DAYS, type HoldClass, type HoldPolicy } from '#core/quarantine/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { numberOf, PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';

const YES_NO = ['yes', 'no'] as const;
export const HOLD_FIELDS: FormField[] = [
  {
    name: 'days',
    type: 'number',
    label: 'Clean days asked for',
    min: 1,
    max: LONGEST_HOLD_DAYS,
    whole: true,
    hint: '7 to 10, 14 and 28 are quoted in the trade',
  },
  { name: 'daysAfterRemedy', type: 'number', label: 'after a remedy has ended', min: 1, max: LONGEST_HOLD_DAYS, whole: true },
  { name: 'countsUnderRemedy', type: 'choice', label: 'Days under a remedy count', options: YES_NO },
  { name: 'newcomer', type: 'choice', label: 'Newcomers on hold begin it anew', options: YES_NO },
  { name: 'illnessInSystem', type: 'choice', label: 'Illness of others on the water begins it anew', options: YES_NO },
  { name: 'contact', type: 'choice', label: 'A wet tool or water from fish on hold begins it anew', options: YES_NO },
];
const yes = (value: boolean) => (value ? 'yes' : 'no');
export const holdValues = ({ days, daysAfterRemedy, countsUnderRemedy, restartsOn }: HoldPolicy): Values => ({
  days: String(days),
  daysAfterRemedy: String(daysAfterRemedy),
  countsUnderRemedy: yes(countsUnderRemedy),
  newcomer: yes(restartsOn.newcomer),
  illnessInSystem: yes(restartsOn.illnessInSystem),
  contact: yes(restartsOn.contact),
});
export const policyOf = (values: Values): HoldPolicy => ({
  days: numberOf(values.days),
  daysAfterRemedy: numberOf(values.daysAfterRemedy),
  countsUnderRemedy: values.countsUnderRemedy === 'yes',
  restartsOn: { newcomer: values.newcomer === 'yes', illnessInSystem: values.illnessInSystem === 'yes', contact: values.contact === 'yes' },
});

export function sayPolicy({ days, daysAfterRemedy, countsUnderRemedy, restartsOn }: HoldPolicy): string {
  const anew = [
    'illness',
    restartsOn.newcomer && 'newcomers',
    restartsOn.illnessInSystem && 'illness in the water',
    restartsOn.contact && 'contact',
  ].filter(Boolean);
  return `${days} clean days, ${daysAfterRemedy} after a remedy${countsUnderRemedy ? ', days under one count' : ''}; anew with ${anew.join(', ')}`;
}

export function HoldRules({ view, write, mayEdit }: PartProps) {
  const { house } = useMe();
  const { when } = useTimes();
  const [of, setOf] = useState<HoldClass>('marine');
  const versions = view.ruleVersions;
  return (
    <section className="card" aria-label="Holds">
      <h2>Holds</h2>
      <p className="soft">A running hold keeps the rule that it was opened with.</p>
      <Chips label="Class" options={HOLD_CLASSES} value={of} onChange={setOf} />
      {mayEdit ? (
        <PlainForm
          key={of + JSON.stringify(house.rules.holds[of])}
          fields={HOLD_FIELDS}
          initial={holdValues(house.rules.holds[of])}
          submit={`So we hold: ${of}`}
          keep
          onSubmit={async (values) => {
            const rules: HouseRules = { ...house.rules, holds: { ...house.rules.holds, [of]: policyOf(values) } };
            const wrong = await write(`Hold of ${of}`, {
              kind: 'house.configured',
              payload: { name: house.name, zone: house.zone, rules },
            });
            if (wrong === undefined) await mutate(paths.me);
            return wrong;
          }}
        />
      ) : (
        <p>{sayPolicy(house.rules.holds[of])}</p>
      )}
      <h3>Versions: {of}</h3>
      <ol className="plain-list">
        {versions
          .filter(({ rules }, index) => {
            const before = versions[index + 1];
            return !before || JSON.stringify(before.rules.holds[of]) !== JSON.stringify(rules.holds[of]);
          })
          .map(({ entry, atMs, by, rules }) => (
            <li key={entry}>
              <span className="soft">
                since {when(atMs)}, {by}:
              </span>{' '}
              {sayPolicy(rules.holds[of])}
            </li>
          ))}
      </ol>
    </section>
  );
}
