// Readings of one system, as many as were taken: each in whatever unit it was read, beside the last one and where it goes.
import { useRef, useState } from 'react';
import type { ReadingsView } from '#contract/views.ts';
import type { KitFacts, Quantity } from '#core/water/index.ts';
import { useActions } from '../actions/actions.tsx';
import { outbox, useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { useVoice } from '../data/voice.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayAll } from '../words/refusals.ts';
import { plural } from '../words/text.ts';
import { FarOffCaution } from './FarOffCaution.tsx';
import { farOff, quantitiesOf, readingEntries, readTyped, type Typed } from './draft.ts';
import { keepInstruments, keptInstruments } from './instrument.ts';
import { OverLimitCaution } from './OverLimitCaution.tsx';
import { OtherMeters, ReadingField } from './ReadingField.tsx';
import css from './readings.module.scss';

/** `due` = what is asked for now: it stands first, the rest is folded away. */
type Props = { system: string; due?: readonly Quantity[]; onDone: () => void };

export function ReadingsForm(props: Props) {
  const { data, error, mutate } = useView('readings', { system: props.system });
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  if (!data.system) return <p>There is no such system.</p>;
  return <Fields view={data} system={data.system} due={props.due} onDone={props.onDone} />;
}

type FieldsProps = Pick<Props, 'due' | 'onDone'> & { view: ReadingsView; system: NonNullable<ReadingsView['system']> };

function Fields({ view, system, due, onDone }: FieldsProps) {
  const units = useUnits();
  const voice = useVoice();
  const { recordAction, clear } = useActions();
  const { ask } = useOverrule();
  const [typed, setTyped] = useKept<Typed>(`readings ${system.id}`, 'typed', {});
  const [instruments, setInstruments] = useState(keptInstruments);
  const [problem, setProblem] = useState<string>();
  const temperature = typed.temperature?.trim() ? units.read('temperature', typed.temperature) : undefined;
  const temperatureC = temperature?.ok ? temperature.value : undefined;
  const kitsFor = (quantity: Quantity): KitFacts[] => view.kits.filter((kit) => kit.quantity === quantity);
  const kitOf = (quantity: Quantity) => kitsFor(quantity).find(({ name }) => name === instruments[quantity]);
  const read = readTyped(typed, { units, temperatureC, kitOf });
  const far = read ? farOff(read, view) : [];
  const sent = useRef(false);
  const save = async () => {
    if (!read || read.length === 0 || sent.current) return;
    sent.current = true;
    keepInstruments(Object.fromEntries(read.map(({ quantity }) => [quantity, instruments[quantity] ?? ''])));
    const words = `${system.name}: ${read.map(({ quantity, read: { value } }) => units.say(quantity, value)).join(', ')}`;
    const drafts = readingEntries(system.id, read, { instruments, kitOf });
    const outcome = await recordAction(words, ...drafts);
    sent.current = false;
    const done = () => {
      setProblem(undefined);
      setTyped({});
      onDone();
    };
    if (outcome.status !== 'refused') return done();
    setProblem(sayAll(outcome.refusals, outcome.code, voice));
    if (!outcome.refusals.some(({ overrule }) => overrule)) return;
    // An old test may be the only one: it is asked about, as everywhere.
    await outbox.discard(outcome.actId);
    clear();
    ask({ title: words, doing: 'It was read so', words, drafts, onDone: done }, outcome.refusals);
  };
  const all = quantitiesOf(system.type);
  const first = due ? all.filter((quantity) => due.includes(quantity)) : all;
  const rest = all.filter((quantity) => !first.includes(quantity));
  const fieldsOf = (quantities: readonly Quantity[]) => (
    <div className={css.readings}>
      {quantities.map((quantity) => (
        <ReadingField
          key={quantity}
          quantity={quantity}
          latest={view.readings.find((known) => known.quantity === quantity)?.latest ?? []}
          text={typed[quantity] ?? ''}
          temperatureC={temperatureC}
          onChange={(text) => setTyped({ ...typed, [quantity]: text })}
          kits={kitsFor(quantity)}
          kit={kitOf(quantity)}
          onKit={(name) => setInstruments((now) => ({ ...now, [quantity]: name }))}
        />
      ))}
    </div>
  );
  return (
    <form
      className="tank-form"
      // Enter in a field is this form's, wherever it stands.
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="soft tight">Any unit is understood: 78F, 1.022, 48 mS comp, 8 dKH, 0.25 NH4. What is left empty was not read.</p>
      {fieldsOf(first)}
      {rest.length > 0 && (
        <details open={first.length === 0 || rest.some((quantity) => typed[quantity]?.trim())}>
          <summary>More readings</summary>
          {fieldsOf(rest)}
        </details>
      )}
      <OtherMeters
        quantities={(read ?? []).map(({ quantity }) => quantity).filter((quantity) => kitsFor(quantity).length === 0)}
        instruments={instruments}
        onChange={(quantity, name) => setInstruments((now) => ({ ...now, [quantity]: name }))}
      />
      {view.disturbed && typed.ammonia?.trim() && (
        <Caution>
          {view.disturbed === 'binder'
            ? 'An ammonia binder was given here: many tests read bound ammonia as if it were free.'
            : 'Copper is in this system: it disturbs some tests of ammonia. Ask the label of the test.'}
        </Caution>
      )}
      <OverLimitCaution read={(read ?? []).map(({ quantity, read: { value } }) => ({ quantity, value }))} judging={view.judging} />
      <FarOffCaution far={far} />
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
      <ActButton
        type="submit"
        disabled={!read || read.length === 0}
        onPress={() => undefined}
        hint={`of ${system.name}, for all its tanks`}
      >
        {far.length > 0 ? 'It is so: ' : ''}
        {read && read.length > 0 ? plural(read.length, 'reading') : 'Readings'}
      </ActButton>
    </form>
  );
}
