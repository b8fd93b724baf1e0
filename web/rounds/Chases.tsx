// Who goes for whom in a tank, how hard; and what may be done: a box or a divider for some days, or a bigger tank.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { RoundTank } from '#contract/views.ts';
import { CHASES, type Chase } from '#core/rounds/index.ts';
import { useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { chaseEntry } from './draft.ts';
import css from './rounds.module.scss';

export function Chases({ tank }: { tank: RoundTank }) {
  const { attempt } = useOverrule();
  const { when } = useTimes();
  const [chaser, setChaser] = useState<string>();
  const [chased, setChased] = useState<string>();
  const [how, setHow] = useState<Chase>();
  const lots = tank.lots.map(({ lot, label }) => ({ lot, label: nameIn(tank, lot) ?? label }));
  const idOf = (label: string | undefined) => lots.find((known) => known.label === label)?.lot;
  // A single fish has nobody to go for.
  if (tank.lots.reduce((sum, { n }) => sum + n, 0) < 2) return null;
  const [last] = tank.chases;
  const done = () => (setChaser(undefined), setChased(undefined), setHow(undefined));
  const [by, at] = [
    idOf(chaser) ?? (lots.length === 1 ? lots[0]!.lot : undefined),
    idOf(chased) ?? (lots.length === 1 ? lots[0]!.lot : undefined),
  ];
  return (
    <details className={css.faults} open={last !== undefined || undefined}>
      <summary>Chasing?</summary>
      {tank.chases.map((seen) => (
        <p key={`${seen.atMs} ${seen.chaser}`} className="tight">
          <span className="warn">
            {seen.chaserLabel} {sayChase(seen.how)} {seen.chaser === seen.chased ? 'its own kind' : seen.chasedLabel}
          </span>{' '}
          <span className="soft">{when(seen.atMs)}</span>
        </p>
      ))}
      {last && last.how !== 'displays' && (
        <p className="tight">
          <Link to={`/room?lot=${last.chaser}&from=${tank.id}`}>Box, or part off, the one that chases</Link> ·{' '}
          <Link to={`/room?lot=${last.chased}&from=${tank.id}`}>move the chased</Link>
          <span className="soft">
            {' '}
            Two to four days in a box end most quarrels; say the end when you move it, and it is due. More hides, lights down.
          </span>
        </p>
      )}
      {lots.length > 1 && <Chips label="Who" options={lots.map(({ label }) => label)} value={chaser} onChange={setChaser} />}
      {lots.length > 1 && <Chips label="Whom" options={lots.map(({ label }) => label)} value={chased} onChange={setChased} />}
      <Chips label="How" options={CHASES} value={how} onChange={setHow} odd={(hard) => hard === 'bites' || hard === 'pins in a corner'} />
      <Button
        variant="plain"
        disabled={by === undefined || at === undefined || how === undefined}
        onClick={() =>
          attempt({
            title: `Chasing in ${tank.code}`,
            doing: 'It was seen',
            words: `${tank.code}: ${nameIn(tank, by!)} ${sayChase(how!)} ${nameIn(tank, at!)}`,
            drafts: [chaseEntry(tank.id, { chaser: by!, chased: at!, how: how! })],
            onDone: done,
          })
        }
      >
        Note it
      </Button>
    </details>
  );
}

/** Two lots of one name are told apart by their heads. */
function nameIn({ lots }: RoundTank, lot: string): string | undefined {
  const known = lots.find((candidate) => candidate.lot === lot);
  if (!known) return undefined;
  const twins = lots.filter(({ label }) => label === known.label);
  return twins.length > 1 ? `${known.n} ${known.label}` : known.label;
}

const sayChase = (how: Chase): string =>
  ({ displays: 'displays at', chases: 'chases', bites: 'bites', 'pins in a corner': 'pins in a corner' })[how];
