// Between two animals: what was in hand is done or is not here, and the next one waits until somebody chooses it.
import { Link, useNavigate } from 'react-router';
import type { BenchBag, RunCard } from '#contract/views.ts';
import { useOutbox } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { useMe } from '../data/me.ts';
import { wantsCleanWater } from '../dock/route.ts';
import { Urgency } from './FloatSays.tsx';
import { METHOD_TITLES } from '../words/runs.ts';

type Props = { next: BenchBag | RunCard; /** It was here, and is no more; else the address names what never was. */ done: boolean };

export function NextInHand({ next, done }: Props) {
  const { acts } = useOutbox();
  const navigate = useNavigate();
  // What this screen has just put on the bench may not be in its answer yet.
  if (!done && acts.some(({ state }) => state === 'waiting')) return <p role="status">Waiting for the house …</p>;
  const isRun = 'run' in next;
  const to = isRun ? `/bench?run=${next.run}` : `/bench?bag=${next.bag}`;
  const words = isRun
    ? `${next.n} ${next.lotLabel}, ${METHOD_TITLES[next.method].toLowerCase()}`
    : `${next.alive} ${next.lotLabel}, ${next.label}`;
  return (
    <section className="card bench-card" aria-label="The next in hand">
      <p className="big">{done ? 'That one is done' : 'It is not on the bench'}</p>
      <p>
        {done
          ? 'Nothing of it is left in hand. The next one waits until you choose it.'
          : 'Its fish are out, or nothing of this name was ever here. Nothing else is shown in its place.'}
      </p>
      {done ? (
        <ActButton pressKey="bench.act" onPress={() => void navigate(to)} hint={words}>
          Next in hand
        </ActButton>
      ) : (
        <Link className="btn btn-plain" to={to}>
          To the next: {words}
        </Link>
      )}
    </section>
  );
}

/** A bag that has no tank yet is not floated. */
export function NoTank({ bag }: { bag: BenchBag }) {
  const wants = wantsCleanWater(bag, useMe().house.rules);
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label}
      </p>
      <p className="big">
        <span className="num">{bag.alive}</span> {bag.lotLabel}
      </p>
      <Urgency bag={bag} />
      {wants ? (
        <Link className="btn btn-plain" to={`/room?bag=${bag.bag}`}>
          Choose a tank first
        </Link>
      ) : (
        <ChooseTank bag={bag} />
      )}
    </>
  );
}

function ChooseTank({ bag }: { bag: BenchBag }) {
  return (
    <>
      <p>
        {bag.clean
          ? `They stand in clean water, ${bag.clean.vessel}. Choose the tank that they go to next, by way of a bath if they need one.`
          : 'It floats in the tank where its fish will live: choose that first.'}
      </p>
      <Link className="btn btn-act" to={`/room?bag=${bag.bag}`}>
        Choose a tank<small>for {bag.label}</small>
      </Link>
    </>
  );
}
