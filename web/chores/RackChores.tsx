// One rack of the walk: each chore that is due there, done at all its places by one tap or at some of them; of water, with its litres.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { ChoreAt, ChoreCard, ChorePlaceCard, ChoresView } from '#contract/views.ts';
import { IS_WATER, namesOf } from '#core/chores/index.ts';
import { useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayEvery, sayMany } from '../words/chores.ts';
import { plural } from '../words/text.ts';
import css from './chores.module.scss';
import { doneEntry } from './draft.ts';
import { WaterChore } from './WaterChore.tsx';

type Props = { rack: ChoresView['racks'][number]; view: ChoresView };

export function RackChores({ rack, view }: Props) {
  return (
    <section className="card" aria-label={rack.name}>
      <h2>{rack.name}</h2>
      <ul className={css.list}>
        {rack.chores.map((at) => (
          <ChoreRow key={at.chore} at={at} rack={rack.name} card={view.chores.find(({ id }) => id === at.chore)!} view={view} />
        ))}
      </ul>
    </section>
  );
}

const isOpen = ({ is }: Pick<ChorePlaceCard, 'is'>): boolean => is === 'due' || is === 'overdue';
type RowProps = { at: ChoreAt; rack: string; card: ChoreCard; view: ChoresView };

function ChoreRow({ at, rack, card, view }: RowProps) {
  const { attempt } = useOverrule();
  const { when } = useTimes();
  const [some, setSome] = useState<string[]>();
  const open = at.places.filter(isOpen);
  const waiting = at.places.filter(({ is }) => is === 'waits');
  const done = at.places.filter(({ is }) => is === 'done');
  const late = Math.max(0, ...open.filter(({ is }) => is === 'overdue').map(({ dueDay }) => view.day - dueDay));
  const say = (places: readonly ChorePlaceCard[]) =>
    attempt({
      title: `${card.name} at ${namesOf(places)}`,
      doing: 'It was done all the same',
      words: `${card.name}: done at ${namesOf(places)}`,
      drafts: [
        doneEntry(
          card,
          places.map(({ id }) => id),
        ),
      ],
      onDone: () => setSome(undefined),
    });
  const isWater = IS_WATER.includes(card.is);
  const chosen = open.filter(({ name }) => some?.includes(name));
  return (
    <li>
      <div>
        <b>{card.name}</b>{' '}
        <span className="soft">
          {sayEvery(card.everyDays)}
          {card.whose && `, ${card.whose}`}
        </span>
        {late > 0 && <b className="warn"> · {plural(late, 'day')} late</b>}
        {open.length > 0 && (
          <div>
            {card.per === 'rack' ? 'the whole rack' : namesOf(open)}
            <Takes card={card} n={open.length} view={view} />
          </div>
        )}
        {card.is === 'badges' && open.length > 0 && (
          <div className="soft">A badge that shows ammonia is no tick: write the reading at its tank, and change water.</div>
        )}
        {waiting.length > 0 && <div className="soft">{namesOf(waiting)}: waits until the treatment there is over</div>}
        {done.map(({ id, name, last }) => (
          <div key={id} className="soft">
            ✓ {card.per === 'rack' ? 'done' : name}
            {last && `, ${last.by} ${when(last.atMs)}`}
          </div>
        ))}
      </div>
      {open.length > 0 && !isWater && (
        <div className={css.acts}>
          <Button variant="plain" className={css.done} aria-label={`Done, ${card.name} at ${rack}`} onClick={() => say(open)}>
            {open.length === 1 ? 'Done' : `All ${open.length} done`}
          </Button>
          {open.length > 1 && (
            <Button
              variant="plain"
              aria-expanded={some !== undefined}
              aria-label={`Some, ${card.name} at ${rack}`}
              onClick={() => setSome(some ? undefined : [])}
            >
              Some
            </Button>
          )}
        </div>
      )}
      {some && (
        <div className={css.more}>
          <Chips
            label="Done at"
            name={`${card.name} done at`}
            options={open.map(({ name }) => name)}
            value={some}
            onChange={(name) => setSome(some.includes(name) ? some.filter((chosenName) => chosenName !== name) : [...some, name])}
          />
          <Button variant="act" disabled={chosen.length === 0} onClick={() => say(chosen)}>
            {chosen.length === 0 ? 'Choose where' : `Done at ${chosen.length}`}
          </Button>
        </div>
      )}
      {isWater && open.length > 0 && <WaterChore card={card} places={open} view={view} rack={rack} />}
    </li>
  );
}

function Takes({ card, n, view }: { card: ChoreCard; n: number; view: ChoresView }) {
  const { takes = [] } = card;
  if (takes.length === 0) return null;
  const nameOf = (item: string) => view.kit.find((line) => line.item === item);
  return (
    <span className="soft">
      {' '}
      ·{' '}
      {takes
        .map(({ item, amount }) => `${sayMany(amount, nameOf(item)?.unit ?? 'pieces')} ${nameOf(item)?.name ?? 'of what it takes'}`)
        .join(', ')}
      {n > 1 && ' each'}
    </span>
  );
}
