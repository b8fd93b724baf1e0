// One tank of the walk: its lots, their meals, what was odd of late; one tap or key says what is planned and well.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RoundsView, RoundTank } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { useTitle } from '../frame/title.ts';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import {
  asBefore,
  entriesOf,
  fedEntries,
  isOdd,
  isUntouched,
  lacksFood,
  someLeft,
  toWatch,
  unfed,
  untouched,
  type LotDraft,
} from './draft.ts';
import { Chases } from './Chases.tsx';
import { Faults, ItsWater } from './InPassing.tsx';
import { LotCheck } from './LotCheck.tsx';
import { TankChores } from './TankChores.tsx';
import { TestsDue, WaterAlarm } from './TankWater.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { saidSign } from './signs.ts';
import { sayOdd } from './odd.ts';
import css from './rounds.module.scss';
import { useMealKeys } from './useMealKeys.ts';

export function TankCheck({ tank, view, onDone }: { tank: RoundTank; view: RoundsView; onDone: () => void }) {
  useTitle(`Tank ${tank.code}`);
  const { when } = useTimes();
  const form = `check ${view.day} ${view.round} ${tank.id}`;
  const [drafts, setDrafts] = useKept<Record<string, LotDraft>>(form, 'lots', {});
  const [open, setOpen] = useState<string[]>(() => Object.keys(drafts));
  const all = Object.values(drafts);
  const foods = view.foods.map(({ name }) => name);
  const [given, setGiven] = useKept<boolean>(form, 'given', true);
  const plain = all.every(isUntouched);
  const odd = tank.lots.some(({ lot, n }) => drafts[lot] !== undefined && isOdd(drafts[lot], n));
  const ready = !all.some(lacksFood);
  const { attempt } = useOverrule();
  const write = (said: readonly LotDraft[], words: string) => {
    forgetKept(form);
    attempt({
      title: `${tank.code}: ${words}`,
      doing: 'It was seen',
      words: `${tank.code}: ${words}`,
      drafts: entriesOf(tank, view, said, given),
      onDone: () => undefined,
    });
    onDone();
  };
  const save = () => ready && write(all, odd ? 'noted' : 'all well');
  const before = plain ? asBefore(tank) : undefined;
  useKey('rounds.asBefore', () => before && write(before, 'as before'), { enabled: before !== undefined });
  const change = (lot: string, part: Partial<LotDraft>) =>
    setDrafts((now) => ({ ...now, [lot]: { ...(now[lot] ?? untouched(lot)), ...part } }));
  const meals = fedEntries(tank, all, given).length;
  const isFeeding = tank.lots.some(({ meal }) => meal.due);
  const watched = toWatch(tank, all, given);
  useMealKeys({ tank, drafts: all, onChange: change });
  const feedOrNot = () => {
    if (given) setDrafts(unfed);
    setGiven(!given);
  };
  useKey('rounds.fed', feedOrNot, { enabled: isFeeding });
  useKey('rounds.open', () => setOpen(tank.lots.map(({ lot }) => lot)));
  return (
    <section className={clsx('card', css.checkCard)} aria-label={`Tank ${tank.code}`}>
      <p className="soft tight">
        {tank.rack}
        {tank.suspect && <b className="warn"> · suspect: own net, hands after</b>}
      </p>
      <p className="big num">{tank.code}</p>
      {tank.checkedAtMs !== undefined && (
        <p className="soft tight">
          Checked by {tank.checkedBy}, {when(tank.checkedAtMs)}: {tank.allWell ? 'all well' : 'something odd'}. Another health check is one
          more entry.
        </p>
      )}
      <WaterAlarm tank={tank} />
      {tank.odd.length > 0 && (
        <ul className={css.oddList}>
          {tank.odd.map((oddity) => (
            <li key={oddity.atMs + oddity.lot}>
              {when(oddity.atMs)}: {sayOdd(oddity)}
            </li>
          ))}
        </ul>
      )}
      {before && (
        <Button variant="odd" onClick={() => write(before, 'as before')}>
          As before:{' '}
          {before
            .map(({ lot, signs }) => `${tank.lots.find((known) => known.lot === lot)?.label} ${signs.map(saidSign).join(', ')}`)
            .join('; ')}{' '}
          <Key name="rounds.asBefore" />
        </Button>
      )}
      <ul className="look-lots">
        {tank.lots.map((lot) => (
          <LotCheck
            key={lot.lot}
            tank={tank}
            lot={lot}
            draft={drafts[lot.lot] ?? untouched(lot.lot)}
            open={open.includes(lot.lot)}
            given={given}
            foods={foods}
            onChange={(draft) => change(lot.lot, draft)}
            onOpen={() => setOpen((now) => [...now, lot.lot])}
          />
        ))}
      </ul>
      {isFeeding && (
        <Button variant="link" className="btn-quiet" aria-pressed={!given} onClick={feedOrNot}>
          {given ? 'Not fed now' : 'They were fed after all'} <Key name="rounds.fed" />
        </Button>
      )}
      <TestsDue tank={tank} />
      <TankChores tank={tank} />
      <TakePhoto of={{ kind: 'tank', id: tank.id }} shows="the tank" what={tank.code} label="photograph" quiet />
      <Chases tank={tank} />
      <Faults tank={tank} />
      <ItsWater tank={tank} />
      <div className="thumb">
        <ActButton
          pressKey="rounds.well"
          disabled={!ready}
          onPress={save}
          hint={watched.length > 0 ? `how did ${watched.join(', ')} take it?` : `${tank.code} · a health check, not a head count`}
        >
          {odd
            ? 'Save what is odd'
            : meals === 0
              ? 'All well'
              : plain
                ? `All well, fed, ${someLeft(tank, all, given) ? 'the others' : 'all'} ate`
                : 'All well, meals noted'}
        </ActButton>
      </div>
    </section>
  );
}
