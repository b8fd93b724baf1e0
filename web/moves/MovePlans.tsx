// Catch slips and families of moves: in the order in which they can be done, with what stands before each.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { TransferTaskCard } from '#contract/views.ts';
import { blocksOf, inDoingOrder } from '#core/moves/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import css from './moves.module.scss';
import { Family } from './TaskGroup.tsx';

export default function MovePlans() {
  const { data, error, mutate } = useView('moves');
  const { data: room } = useView('room');
  const may = useMayWrite('moves.planned');
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const plans = new Map<string, TransferTaskCard[]>();
  for (const task of data.tasks) plans.set(task.plan, [...(plans.get(task.plan) ?? []), task]);
  const open = [...plans.values()].filter((tasks) => tasks.some(isOpen));
  const over = [...plans.values()].filter((tasks) => !tasks.some(isOpen));
  return (
    <div className="two-parts">
      <div>
        <h1 className="station-title">Catch slips</h1>
        <p className="no-print">
          <Link to="/room">To the room</Link> {open.length > 0 && <PrintButton />}
        </p>
        <PaperHead title="Catch slips" />
        {open.length === 0 && (
          <p className="soft">No slip is open. Take fish in hand in the room and write one, or plan a family of moves here.</p>
        )}
        {[...open, ...over].map((tasks) => (
          <Plan key={tasks[0]!.plan} tasks={tasks} all={data.tasks} />
        ))}
      </div>
      {may && room && <Family view={room} />}
    </div>
  );
}

const isOpen = ({ done, dropped }: TransferTaskCard) => !done && !dropped;

function Plan({ tasks, all }: { tasks: readonly TransferTaskCard[]; all: readonly TransferTaskCard[] }) {
  return (
    <section className={clsx('card', css.plan)} aria-label={tasks[0]!.planName}>
      {tasks.length > 1 && <h2>{tasks[0]!.planName}</h2>}
      <ol>
        {inDoingOrder(tasks).map((task) => (
          <TaskRow key={task.task} task={task} all={all} />
        ))}
      </ol>
    </section>
  );
}

function TaskRow({ task, all }: { task: TransferTaskCard; all: readonly TransferTaskCard[] }) {
  const { house } = useMe();
  const { when } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  const { recordAction } = useActions();
  const keeper = useMayWrite('transfer.dropped');
  const [dropping, setDropping] = useState(false);
  const blocks = blocksOf(
    { ...task, unblocked: task.unblocked ? { by: '', atMs: 0 } : undefined },
    (id) => all.some((transferTask) => transferTask.task === id && isOpen(transferTask)),
    {
      now,
      zone: house.zone,
      triesBeforeRest: house.rules.triesBeforeRest,
    },
  );
  const taskOf = (id: string) => all.find((transferTask) => transferTask.task === id);
  const words = `${task.n} ${task.lotLabel}, ${task.fromCode} to ${task.toCode}`;
  const which = [
    task.sex !== 'any' && task.sex,
    task.size !== 'any' && `the ${task.size}`,
    task.who,
    task.toolName,
    task.by !== 'net' && `by ${task.by}`,
  ].filter(Boolean);
  return (
    <li className={clsx(!isOpen(task) && css.slipOver)}>
      <b>
        <span className="num">{task.n}</span> {task.lotLabel}
      </b>{' '}
      from <b className="num">{task.fromCode}</b> to <b className="num">{task.toCode}</b>
      {which.length > 0 && <span className="soft">, {which.join(', ')}</span>}
      {task.comesBack && <span className="soft">, to come back afterwards</span>}
      {task.why && <span className="soft">: {task.why}</span>}
      {task.done && (
        <p className="soft tight">
          Done by {task.done.by}, {when(task.done.atMs)}
        </p>
      )}
      {task.dropped && <p className="soft tight">Dropped by {task.dropped.by}</p>}
      {isOpen(task) && (
        <>
          {blocks.map((block) => (
            <p key={block.why + (block.why === 'after' ? block.task : '')} className="warn tight">
              {block.why === 'after'
                ? `After ${taskOf(block.task)?.fromCode} to ${taskOf(block.task)?.toCode}`
                : block.why === 'waits'
                  ? `Waits for ${block.what}${block.untilMs ? `, to come ${when(block.untilMs)}` : ''}`
                  : `${block.tries} dips today: leave them until ${when(block.untilMs)}`}
            </p>
          ))}
          {task.tries.length > 0 && (
            <p className="soft tight">
              {plural(task.tries.length, 'try', 'tries')}, last {when(task.tries.at(-1)!)}
            </p>
          )}
          {keeper && (
            <div className="chips">
              <Link
                className={`btn ${blocks.length === 0 ? 'btn-primary' : 'btn-plain'}`}
                to={`/room?lot=${task.lot}&from=${task.from}&tank=${task.to}&slip=${task.task}`}
                aria-label={`Carry out: ${words}`}
              >
                Carry it out
              </Link>
              {task.waitsFor && !task.unblocked && (
                <Button
                  variant="plain"
                  onClick={() =>
                    void recordAction(`${task.waitsFor!.what}: here`, { kind: 'transfer.unblocked', payload: { task: task.task } })
                  }
                >
                  {task.waitsFor.what}: here
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
                  onClick={() => void recordAction(`Dropped: ${words}`, { kind: 'transfer.dropped', payload: { task: task.task, why } })}
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
