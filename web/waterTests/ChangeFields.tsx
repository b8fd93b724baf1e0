// The change of water that brings a value down: litres worked out and to be changed by hand, the new water as it was read, what the system becomes.
import { useState } from 'react';
import type { OverCard, SystemTests } from '#contract/views.ts';
import { TOLERANCES } from '#core/bench/index.ts';
import type { WaterTestRules } from '#core/waterTests/index.ts';
import type { MedicationFamily } from '#core/species/index.ts';
import { DAY_MS, MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useTimes } from '../data/me.ts';
import { useUnits, type Units } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { sayQuantity } from '../words/waterTests.ts';
import { adviceFor, becomes, carried, redoseMg, type Advice, type NewWater } from './advice.ts';
import css from './waterTests.module.scss';

const FIELDS = ['salinity', 'temperature', 'pH'] as const;
type Typed = Partial<Record<(typeof FIELDS)[number], string>>;
type Given = { system: SystemTests; card: OverCard; rules: WaterTestRules; climbPpt: number };

/** What of a change is typed so far, kept while the water is carried. */
export function useChange({ system, card, rules, climbPpt }: Given) {
  const units = useUnits();
  const form = `change for ${card.reading.entry}`;
  const [typed, setTyped] = useKept<Typed>(form, 'water', {});
  const [litresTyped, setLitres] = useKept<string | undefined>(form, 'litres', undefined);
  const [isMeant, setMeant] = useState(true);
  const [redosed, setRedosed] = useState<MedicationFamily[]>([]);
  const read = Object.fromEntries(FIELDS.map((quantity) => [quantity, units.read(quantity, typed[quantity] ?? '')])) as Record<
    (typeof FIELDS)[number],
    ReturnType<Units['read']>
  >;
  const valueOf = (quantity: (typeof FIELDS)[number]) => {
    const found = read[quantity];
    return found.ok ? found.value : undefined;
  };
  const poured: NewWater = {
    ...(valueOf('salinity') === undefined ? {} : { salinityPpt: valueOf('salinity') }),
    ...(valueOf('temperature') === undefined ? {} : { temperatureC: valueOf('temperature') }),
    ...(valueOf('pH') === undefined ? {} : { pH: valueOf('pH') }),
  };
  const advice = adviceFor({ system, card, rules, climbPpt, poured });
  const advised = advice.is === 'change' ? advice.plan.litres : advice.is === 'swap' ? advice.litres : undefined;
  const text = litresTyped ?? (advised === undefined ? '' : units.bare('volume', carried(advised)));
  const litres = units.read('volume', text);
  const isBadField = FIELDS.some((quantity) => (typed[quantity] ?? '').trim() !== '' && !read[quantity].ok);
  return {
    typed,
    setTyped,
    text,
    setLitres,
    litres: litres.ok ? litres.value : undefined,
    poured,
    isMeant,
    setMeant,
    redosed,
    setRedosed,
    isBad: isMeant && (isBadField || (text.trim() !== '' && !litres.ok)),
    forget: () => forgetKept(form),
  };
}

type Props = Omit<Given, 'climbPpt'> & { advice: Advice; change: ReturnType<typeof useChange> };

export function ChangeFields({ system, card, advice, change, rules }: Props) {
  const units = useUnits();
  const fields = FIELDS.filter((quantity) => quantity !== 'salinity' || system.type !== 'fresh');
  return (
    <>
      <label>
        <input type="checkbox" checked={change.isMeant} onChange={({ target }) => change.setMeant(target.checked)} /> Change water:{' '}
        <b>{sayPlan({ system, card, advice, rules }, units)}</b>
      </label>
      {change.isMeant && (
        <>
          <div className={css.pair}>
            <QuantityField
              label="How much"
              quantity="volume"
              text={change.text}
              onChange={change.setLitres}
              hint={
                change.litres === undefined
                  ? undefined
                  : `${Math.round((change.litres / system.volumeL) * 100)} % of ${units.say('volume', system.volumeL)}`
              }
            />
            {fields.map((quantity) => (
              <QuantityField
                key={quantity}
                label={`${quantity === 'pH' ? 'pH' : quantity === 'salinity' ? 'Salinity' : 'Temperature'} of the new water`}
                quantity={quantity}
                text={change.typed[quantity] ?? ''}
                onChange={(text) => change.setTyped({ ...change.typed, [quantity]: text })}
                optional
              />
            ))}
          </div>
          {change.litres !== undefined && <Becomes system={system} card={card} litres={change.litres} poured={change.poured} />}
          {system.treatments.map((family) => (
            <Redose key={family} family={family} system={system} change={change} />
          ))}
          <Caution>
            Heater off while it is low; no siphon by mouth; hose and drain secured; full buckets by two. New water aired, and as warm as
            theirs.
          </Caution>
        </>
      )}
    </>
  );
}

function sayPlan({ system, card, advice, rules }: Omit<Props, 'change'>, units: Units): string {
  if (advice.is === 'swap')
    return `${units.say('volume', advice.litres)} for water of ${units.say('salinity', advice.with)}, to ${units.say('salinity', advice.target)}${advice.rest ? ', the rest another day' : ''}`;
  if (advice.is !== 'change') return '';
  const { plan, target } = advice;
  const each = units.say('volume', carried(plan.litres));
  const aim = `${sayQuantity(card.quantity)} of ${units.say(card.quantity, target)}`;
  return plan.times === 1
    ? `${each} of ${units.say('volume', system.volumeL)} brings it to ${aim}`
    : `${plan.times} times ${each}, at most ${rules.mostChangePercent} % at once, bring it to ${aim}; now the first`;
}

/** What delicate fish tolerate of pH at once, at the most: the whole difference counts, for nobody knows how either water is buffered. */
const PH_STEP = TOLERANCES.delicate.settledStep;

function Becomes({ system, card, litres, poured }: { system: SystemTests; card: OverCard; litres: number; poured: NewWater }) {
  const units = useUnits();
  const then = becomes({ system, card, litres, poured });
  const said = [
    then.value !== undefined && `${sayQuantity(card.quantity)} ${units.say(card.quantity, then.value)}`,
    system.type !== 'fresh' &&
      (then.salinityPpt === undefined ? 'salinity not known: read the new water' : units.say('salinity', then.salinityPpt)),
    then.temperatureC === undefined ? 'temperature not known: read the new water' : units.say('temperature', then.temperatureC),
  ].filter(Boolean);
  const { freed } = then;
  const here = card.beside.pH;
  const step = here === undefined || poured.pH === undefined ? 0 : Math.abs(poured.pH - here);
  // Within a test's own error it is the same.
  const isWorse = freed && freed.then > freed.now * 1.5 && freed.then > (system.limits['free ammonia']?.to ?? Infinity);
  return (
    <>
      <p role="status" className="tight">
        It becomes: {said.join('; ')}.
      </p>
      {step > PH_STEP && then.share > 0.1 && (
        <p className="warn tight">
          pH {here} here, {poured.pH} in the new water: more than half a unit at once is more than delicate fish tolerate. Change less at a
          time.
        </p>
      )}
      {isWorse && (
        <p className="warn tight">
          {freed.unread.length > 0
            ? `At pH ${freed.pH} up to ${freed.then.toFixed(3)} mg/L of the ammonia would be toxic, against ${freed.now.toFixed(3)} or more now: read the pH ${freed.unread.includes('here') ? 'here' : ''}${freed.unread.length > 1 ? ' and ' : ''}${freed.unread.includes('new water') ? 'of the new water' : ''} first.`
            : `New water of a higher pH frees ammonia: ${freed.then.toFixed(3)} mg/L would be toxic, against ${freed.now.toFixed(3)} now. Take water of the same pH.`}
        </p>
      )}
    </>
  );
}

/** What is in the water stays as strong as it is: so much of it goes into the litres that come in. */
function Redose({ family, system, change }: { family: MedicationFamily; system: SystemTests; change: ReturnType<typeof useChange> }) {
  const units = useUnits();
  const now = useHouseNow(MINUTE_MS);
  const { when } = useTimes();
  const last = family === 'copper' ? system.latest.copper : undefined;
  // What was read the day before is another water: doses, changes and rock lie between.
  const measured = last && last.value > 0 && now - last.atMs <= DAY_MS ? last : undefined;
  const isGiven = change.redosed.includes(family);
  return (
    <label>
      <input
        type="checkbox"
        checked={isGiven}
        onChange={() => change.setRedosed(isGiven ? change.redosed.filter((each) => each !== family) : [...change.redosed, family])}
      />{' '}
      {family} given again for these litres, to the level that is in the water
      {measured && change.litres !== undefined
        ? `: ${units.say('volume', change.litres)} × ${units.say('copper', measured.value)} = ${redoseMg(change.litres, measured.value).toFixed(1)} mg, as read ${when(measured.atMs)}${measured.with ? ` with ${measured.with}` : ''}`
        : family === 'copper'
          ? ': read the copper first, nobody has since yesterday; else by its label'
          : ': by its label, for these litres alone'}
    </label>
  );
}
