// A walk that only feeds: the tanks in which a meal is due, one tap each, and no health check. Three or six small meals a day are walked like this.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { RoundTank } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useTimes } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { useTitle } from '../frame/title.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import { fedEntries, lacksFood, someLeft, toWatch, untouched, type LotDraft } from './draft.ts';
import { LotMeal } from './LotMeal.tsx';
import { overlayRounds } from './overlay.ts';
import { WaterAlarm } from './TankWater.tsx';
import css from './rounds.module.scss';
import { useMealKeys } from './useMealKeys.ts';

const isDue = ({ lots }: RoundTank): boolean => lots.some(({ meal }) => meal.due);

export default function FeedWalk() {
  useTitle('Feeding');
  const { shown: view, error, mutate } = useShown('rounds', overlayRounds, {});
  const [passed, setPassed] = useState<string[]>([]);
  const { when } = useTimes();
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  const due = view.tanks.filter(isDue);
  const tank = due.find(({ id }) => !passed.includes(id)) ?? due[0];
  const next = view.tanks.flatMap(({ lots }) => lots.flatMap(({ meal }) => meal.nextMs ?? [])).toSorted((a, b) => a - b)[0];
  return (
    <div className={css.feedWalk}>
      <h1 className="station-title">Feeding</h1>
      <p className="soft" role="status">
        {due.length === 0 ? 'No meal is due.' : `${plural(due.length, 'tank')} to feed.`}{' '}
        {next !== undefined && `The next meal is at ${when(next)}. `}
        <Link to="/rounds">To the round</Link>
      </p>
      {view.foods.length === 0 && (
        <p>
          No food is on the list of this house. <Link to="/house?part=foods">To the foods</Link>
        </p>
      )}
      {tank && (
        <Feed
          key={tank.id}
          tank={tank}
          foods={view.foods.map(({ name }) => name)}
          onPass={due.length > 1 ? () => setPassed((now) => [...now.filter((id) => id !== tank.id), tank.id]) : undefined}
        />
      )}
    </div>
  );
}

function Feed({ tank, foods, onPass }: { tank: RoundTank; foods: readonly string[]; onPass?: () => void }) {
  const { recordAction } = useActions();
  const form = `feed ${tank.id}`;
  const [drafts, setDrafts] = useKept<Record<string, LotDraft>>(form, 'lots', {});
  const all = Object.values(drafts);
  const change = (lot: string, part: Partial<LotDraft>) =>
    setDrafts((now) => ({ ...now, [lot]: { ...(now[lot] ?? untouched(lot)), ...part } }));
  const entries = fedEntries(tank, all, true);
  const watched = toWatch(tank, all, true);
  const ready = entries.length > 0 && !all.some(lacksFood);
  useMealKeys({ tank, drafts: all, onChange: change });
  const save = () => {
    if (!ready) return;
    forgetKept(form);
    void recordAction(`${tank.code}: fed`, ...entries);
  };
  return (
    <section className={clsx('card', css.checkCard)} aria-label={`Tank ${tank.code}`}>
      <p className="soft tight">{tank.rack}</p>
      <p className="big num">{tank.code}</p>
      <WaterAlarm tank={tank} />
      {tank.lots.map((lot) => (
        <div key={lot.lot}>
          <p className="tight">
            <span className="num">{lot.n}</span> {lot.label}
          </p>
          <LotMeal lot={lot} draft={drafts[lot.lot] ?? untouched(lot.lot)} given foods={foods} onChange={(part) => change(lot.lot, part)} />
        </div>
      ))}
      <div className="thumb">
        <ActButton
          pressKey="rounds.well"
          disabled={!ready}
          onPress={save}
          hint={watched.length > 0 ? `watch ${watched.join(', ')}` : tank.code}
        >
          {entries.length > 0 && all.every(({ response }) => response === undefined)
            ? `Fed, ${someLeft(tank, all, true) ? 'the others' : 'all'} ate`
            : 'Fed, as noted'}
        </ActButton>
        {onPass && (
          <Button variant="plain" onClick={onPass}>
            Not now: the next tank
          </Button>
        )}
      </div>
    </section>
  );
}
