// What is taken out for the meal, line by line: grams to be changed by hand, when to begin, medicine by the label with its sum.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { KitchenLine, KitchenView } from '#contract/views.ts';
import type { MixFacts } from '#core/kitchen/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { newId } from '../data/house.ts';
import { useTimes } from '../data/me.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayDose, sayG, sayLabel, trim } from '../words/kitchen.ts';
import { plural } from '../words/text.ts';
import { batchEntry, batchLines, doseOf, gramsOf, keyOf, type Grams } from './draft.ts';
import css from './kitchen.module.scss';

const MOST_G = 100_000;

export function TakeOut({ view, atMs }: { view: KitchenView; atMs: number }) {
  const { attempt } = useOverrule();
  const { when } = useTimes();
  const [typed, setTyped] = useState<Grams>({});
  const [soak, setSoak] = useKept<string>('kitchen', 'soak', '');
  const taken = batchLines(view, typed);
  const entry = batchEntry(taken, { batch: newId(), forMs: atMs, soak });
  const begin = () => {
    if (!entry) return;
    attempt({
      title: 'Take it out all the same',
      doing: 'It is taken out',
      words: `Kitchen for ${when(atMs)} begun`,
      drafts: [entry],
      onDone: () => setTyped({}),
    });
  };
  const medicated = view.lines.some(({ mix }) => mix !== undefined);
  return (
    <section className="card" aria-label="To take out">
      <h2>To take out for {when(atMs)}</h2>
      {view.lines.length === 0 && <p>Nobody is to eat then: they were fed, or nothing here suits them.</p>}
      {medicated && (
        <Caution>
          Medicine: gloves, and nothing of it in a kitchen for people. The amount is its label’s, as it was entered here: check it against
          the label in your hand. Who eats more gets more: watch that all of them eat. Some of it is prescription only. Local rules and a
          veterinarian come first.
        </Caution>
      )}
      <ul className={css.lines}>
        {view.lines.map((line) => (
          <Line
            key={keyOf(line)}
            line={line}
            g={gramsOf(line, typed)}
            mix={view.mixes.find(({ id }) => id === line.mix)}
            onTyped={(g) => setTyped((now) => ({ ...now, [keyOf(line)]: g }))}
          />
        ))}
      </ul>
      {view.lines.length > 0 && (
        <div className="no-print">
          {view.lines.some(({ soakMin }) => soakMin) && (
            <Form.Group className="field" controlId="soaked-in">
              <Form.Label className="label">Soaked in, if anything</Form.Label>
              <Form.Control value={soak} maxLength={120} placeholder="vitamins" onChange={(event) => setSoak(event.target.value)} />
            </Form.Group>
          )}
          <ActButton disabled={!entry} onPress={begin} hint="what thaws and soaks runs in the strip">
            {entry ? `Take out ${plural(taken.length, 'food')}` : 'Nothing more to take out'}
          </ActButton>
        </div>
      )}
    </section>
  );
}

type LineProps = { line: KitchenLine; g: number; mix: MixFacts | undefined; onTyped: (g: number) => void };

function Line({ line, g, mix, onTyped }: LineProps) {
  const { when } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  const { food, heads, tanks, unmeasured, portionG, begunG, here, prepared } = line;
  const way = [
    line.thawH !== undefined && `thaw ${trim(line.thawH, 1)} h`,
    line.strain && 'strain',
    line.soakMin !== undefined && `soak ${line.soakMin} min`,
    prepared,
  ].filter(Boolean);
  const late = begunG === 0 && now > line.beginMs && (line.thawH ?? 0) > 0;
  const name = mix ? `${food} with ${mix.name}` : food;
  return (
    <li>
      <div>
        <b>{name}</b>{' '}
        <span className="soft">
          {sayG(line.g)} for {plural(heads, 'head')} in {plural(tanks, 'tank')}
        </span>
        <div className="soft">
          {begunG > 0 ? `✓ ${sayG(begunG)} taken out` : (line.thawH ?? 0) > 0 ? `begin by ${when(line.beginMs)}` : 'when you go'}
          {way.length > 0 && ` · ${way.join(', ')}`}
          {late && <b className="warn"> · late: it is not thawed by the meal</b>}
        </div>
        {unmeasured > 0 && (
          <div className="warn">{plural(unmeasured, 'head')} of unknown length: not in the grams. Give by eye, and measure them.</div>
        )}
        {here && here.amount - here.past < g && (
          <div className="warn">Only {sayG(Math.max(0, here.amount - here.past))} here that is not past its date, by the records.</div>
        )}
        {mix && <Dose line={line} g={g > 0 ? g : begunG} mix={mix} />}
      </div>
      <label className={css.grams}>
        <Form.Control
          type="number"
          className="num"
          min={0}
          max={MOST_G}
          step={portionG ?? 0.1}
          value={Number(trim(g, 2))}
          aria-label={`Grams of ${name}`}
          onChange={(event) => onTyped(Math.min(MOST_G, Math.max(0, Number(event.target.value) || 0)))}
        />
        <span>
          g
          {portionG !== undefined && g > 0 && (
            <small className="soft">
              {' '}
              = {trim(g / portionG, 2)} × {trim(portionG, 2)} g
            </small>
          )}
        </span>
      </label>
    </li>
  );
}

/** The sum as it is made, to be checked against the label in the hand. */
function Dose({ line, g, mix }: { line: KitchenLine; g: number; mix: MixFacts }) {
  const amount = doseOf(line, g, mix);
  const label = sayLabel(mix);
  if (amount === undefined)
    return (
      <div className={g <= 0 ? 'soft' : 'warn'}>
        {g <= 0
          ? `${mix.name}: ${label}`
          : `${mix.name}: its label counts fish, and not all of these are measured. Measure them first: this line stays out of the batch.`}
      </div>
    );
  const fishG = line.dose?.fishG ?? 0;
  const sum =
    mix.per === 'g of food'
      ? `${trim(g, 2)} g × ${mix.amount} ${mix.unit}`
      : `${trim(fishG / 1000, 4)} kg of fish × ${mix.amount} ${mix.unit}${mix.timesADay > 1 ? ` ÷ ${mix.timesADay} meals` : ''}`;
  return (
    <div className={css.dose}>
      {sum} = <b className="num">{sayDose(amount, mix.unit)}</b> <span className="soft">(label: {mix.labelSays ?? label})</span>
      {mix.per !== 'g of food' && <b> Share all of it out: it is for these fish, whatever the food weighs.</b>}
    </div>
  );
}
