// Catch slips and families of moves: in the order in which they can be done, with what stands before each.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { SlipCard } from '#contract/views.ts';
import { blocksOf, inDoingOrder } from '#core/moves/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useDeeds } from '../actions/deed.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMay, useMe, useTimes } from '../data/me.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { Family } from './Family.tsx';

export default function Slips() {
  const { data, error, mutate } = useView('moves');
  const { data: room } = useView('room');
  const may = useMay('keeper');
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const plans = new Map<string, SlipCard[]>();
  for (const slip of data.slips) plans.set(slip.plan, [...(plans.get(slip.plan) ?? []), slip]);
  const open = [...plans.values()].filter((slips) => slips.some(isOpen));
  const over = [...plans.values()].filter((slips) => !slips.some(isOpen));
  return (
    <div className="two-parts">
      <div className="slips">
        <h1 className="station-title">Catch slips</h1>
        <p>
          <Link to="/room">To the room</Link>
        </p>
        {open.length === 0 && (
          <p className="soft">No slip is open. Take fish in hand in the room and write one, or plan a family of moves here.</p>
        )}
        {[...open, ...over].map((slips) => (
          <Plan key={slips[0]!.plan} slips={slips} all={data.slips} />
        ))}
      </div>
      {may && room && <Family view={room} />}
    </div>
  );
}

const isOpen = ({ done, dropped }: SlipCard) => !done && !dropped;

function Plan({ slips, all }: { slips: readonly SlipCard[]; all: readonly SlipCard[] }) {
  return (
    <section className="card plan" aria-label={slips[0]!.planName}>
      {slips.length > 1 && <h2>{slips[0]!.planName}</h2>}
      <ol>
        {inDoingOrder(slips).map((slip) => (
          <SlipRow key={slip.slip} slip={slip} all={all} />
        ))}
      </ol>
    </section>
  );
}

function SlipRow({ slip, all }: { slip: SlipCard; all: readonly SlipCard[] }) {
  const { house } = useMe();
  const { when } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  const { doIt } = useDeeds();
  const keeper = useMay('keeper');
  const [dropping, setDropping] = useState(false);
  const blocks = blocksOf(
    { ...slip, freed: slip.freed ? { by: '', atMs: 0 } : undefined },
    (id) => all.some((one) => one.slip === id && isOpen(one)),
    {
      now,
      zone: house.zone,
      triesBeforeRest: house.rules.triesBeforeRest,
    },
  );
  const other = (id: string) => all.find((one) => one.slip === id);
  const words = `${slip.n} ${slip.lotLabel}, ${slip.fromCode} to ${slip.toCode}`;
  const which = [
    slip.sex !== 'any' && slip.sex,
    slip.size !== 'any' && `the ${slip.size}`,
    slip.who,
    slip.toolName,
    slip.by !== 'net' && `by ${slip.by}`,
  ].filter(Boolean);
  return (
    <li className={isOpen(slip) ? '' : 'slip-over'}>
      <b>
        <span className="num">{slip.n}</span> {slip.lotLabel}
      </b>{' '}
      from <b className="num">{slip.fromCode}</b> to <b className="num">{slip.toCode}</b>
      {which.length > 0 && <span className="soft">, {which.join(', ')}</span>}
      {slip.comesBack && <span className="soft">, to come back afterwards</span>}
      {slip.why && <span className="soft">: {slip.why}</span>}
      {slip.done && (
        <p className="soft tight">
          Done by {slip.done.by}, {when(slip.done.atMs)}
        </p>
      )}
      {slip.dropped && <p className="soft tight">Dropped by {slip.dropped.by}</p>}
      {isOpen(slip) && (
        <>
          {blocks.map((block) => (
            <p key={block.why + (block.why === 'after' ? block.slip : '')} className="warn tight">
              {block.why === 'after'
                ? `After ${other(block.slip)?.fromCode} to ${other(block.slip)?.toCode}`
                : block.why === 'waits'
                  ? `Waits for ${block.what}${block.untilMs ? `, to come ${when(block.untilMs)}` : ''}`
                  : `${block.tries} dips today: leave them until ${when(block.untilMs)}`}
            </p>
          ))}
          {slip.tries.length > 0 && (
            <p className="soft tight">
              {slip.tries.length} {slip.tries.length === 1 ? 'try' : 'tries'}, last {when(slip.tries.at(-1)!)}
            </p>
          )}
          {keeper && (
            <div className="chips">
              <Link
                className={`btn ${blocks.length === 0 ? 'btn-primary' : 'btn-plain'}`}
                to={`/room?lot=${slip.lot}&from=${slip.from}&tank=${slip.to}&slip=${slip.slip}`}
                aria-label={`Carry out: ${words}`}
              >
                Carry it out
              </Link>
              {slip.waitsFor && !slip.freed && (
                <Button
                  variant="plain"
                  onClick={() => void doIt(`${slip.waitsFor!.what}: here`, { kind: 'slip.freed', payload: { slip: slip.slip } })}
                >
                  {slip.waitsFor.what}: here
                </Button>
              )}
              <Button variant="plain" aria-label={`Drop: ${words}`} onClick={() => setDropping(!dropping)} aria-expanded={dropping}>
                Drop it
              </Button>
            </div>
          )}
          {dropping && (
            <div className="chips" role="group" aria-label="Why">
              {['not needed after all', 'they get on', 'another place was found'].map((why) => (
                <Button
                  key={why}
                  variant="odd"
                  onClick={() => void doIt(`Dropped: ${words}`, { kind: 'slip.dropped', payload: { slip: slip.slip, why } })}
                >
                  {why}
                </Button>
              ))}
            </div>
          )}
        </>
      )}
    </li>
  );
}
