// What stands in the kitchen: each food of each batch, how far it is, and the one tap that says it goes on.
import Button from 'react-bootstrap/Button';
import type { BatchCard, KitchenView } from '#contract/views.ts';
import { lineNow, type BatchStep, type LineNow } from '#core/kitchen/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useMe, useTimes } from '../data/me.ts';
import { sayG, sayLine } from '../words/kitchen.ts';
import { capital } from '../words/text.ts';
import { stepEntry } from './draft.ts';
import css from './kitchen.module.scss';

const NEXT: Partial<Record<LineNow['is'], { step: BatchStep; words: string }>> = {
  thawing: { step: 'thawed', words: 'Thawed already' },
  unstrained: { step: 'strained', words: 'Strained' },
  soaking: { step: 'soaked', words: 'Soaked already' },
};

export function Batches({ view }: { view: KitchenView }) {
  const { when } = useTimes();
  const open = view.batches
    .map((batch) => ({ ...batch, foods: batch.foods.filter(({ done }) => done.every(({ step }) => step !== 'thrown away')) }))
    .filter(({ foods }) => foods.length > 0);
  if (open.length === 0) return null;
  return (
    <section className="card" aria-label="In the kitchen">
      <h2>In the kitchen</h2>
      {open.map((batch) => (
        <div key={batch.batch}>
          <p className="soft tight">
            For {when(batch.forMs)}, begun {when(batch.begunMs)} by {batch.by}
            {batch.soak && `, soaked in ${batch.soak}`}
          </p>
          <ul className={css.steps}>
            {batch.foods.map((food) => (
              <Food key={food.food} food={food} batch={batch} mixes={view.mixes} />
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

type FoodProps = { food: BatchCard['foods'][number]; batch: BatchCard; mixes: KitchenView['mixes'] };

function Food({ food, batch, mixes }: FoodProps) {
  const { recordAction } = useActions();
  const { when } = useTimes();
  const { house } = useMe();
  const now = useHouseNow(MINUTE_MS / 6);
  const stands = lineNow(food.way, { begunMs: batch.begunMs, done: food.done, keepsH: house.rules.kitchen.thawedKeepsH }, now);
  const next = NEXT[stands.is];
  const say = (step: BatchStep, words: string) =>
    void recordAction(`${capital(food.name)}: ${words}`, stepEntry(batch.batch, food.food, step));
  const medicated = food.mixes.map(({ mix, g }) => `${sayG(g)} of it with ${mixes.find(({ id }) => id === mix)?.name ?? 'medicine'}`);
  return (
    <li>
      <div>
        <b>{food.name}</b> {sayG(food.g)}
        {medicated.length > 0 && <span> ({medicated.join(', ')})</span>}
        <div className={stands.is === 'old' ? 'warn' : 'soft'}>{sayLine(stands, when)}</div>
      </div>
      <div className={css.acts}>
        {next && (
          <Button variant="plain" aria-label={`${next.words}: ${food.name}`} onClick={() => say(next.step, next.words.toLowerCase())}>
            {next.words}
          </Button>
        )}
        <Button
          variant="quiet"
          className="btn-quiet"
          aria-label={`Nothing left: ${food.name}`}
          onClick={() => say('thrown away', 'nothing is left')}
        >
          Nothing left
        </Button>
      </div>
    </li>
  );
}
