// Fish in hand beside the racks: who, how many, from where to where, whose clock it restarts, the count at both ends.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { QuarantineCard, MovesView, RoomView, TankCard } from '#contract/views.ts';
import { systemStep } from '#core/moves/index.ts';
import { isTaken } from '#core/placement/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { newId } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { CountField } from '../parts/CountField.tsx';
import { Reasons } from '../parts/Reasons.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { knowing, useOverrule } from '../parts/useOverrule.tsx';
import { carriedBy, carriedOut, planned, plannedBy } from './draft.ts';
import { inHand, judgeMove, type JudgedMove } from './judge.ts';
import { Meeting, meets } from './Meeting.tsx';
import { MoveOptions, type Choices } from './MoveOptions.tsx';
import css from './moves.module.scss';
import { Step } from './Step.tsx';
import { TaskDetails, wordsOf, type Counted, type Details, type SlipWords } from './TaskDetails.tsx';
import { leftCleared } from './useQuarantineAgain.tsx';

type Props = {
  view: RoomView;
  hand: { lot: string; from: string };
  to: TankCard | undefined;
  clocks: ReadonlyMap<string, QuarantineCard>;
  moves: MovesView | undefined;
  task?: string;
  onTo: (tank: string | undefined) => void;
  onDone: (tank?: string) => void;
};

export function MoveForm({ view, hand, to, clocks, moves, task: taskId, onTo, onDone }: Props) {
  const { house } = useMe();
  const now = useHouseNow(MINUTE_MS);
  const { recordAction } = useActions();
  const overrule = useOverrule();
  const task = moves?.tasks.find((task) => task.task === taskId);
  // As many as were there when they were taken in hand: more that come meanwhile are not in the net.
  const form = `move ${hand.lot} ${hand.from} ${taskId ?? ''}`;
  const [said, setN] = useKept(form, 'n', task?.n ?? inHand({ view, hand }).fish.n);
  // What was counted at the other end, and whether a clock is to restart, is of this move alone: never of one that was begun an hour ago.
  const [counted, setCounted] = useState<Counted>({ along: {} });
  const [words, setWords] = useKept<SlipWords>(form, 'words', wordsOf(task));
  const details: Details = { ...words, ...counted };
  const setDetails = ({ tool, sex, size, which, why, ...counts }: Details) => {
    setWords({ tool, sex, size, which, why });
    setCounted(counts);
  };
  const [choices, setChoices] = useState<Choices>({ oneLot: false, again: true, hours: house.rules.temporaryH });
  const done = (tank: string) => (forgetKept(form), onDone(tank));
  const move = judgeMove({ view, hand, to, task, n: said, oneLot: choices.oneLot }, house.rules);
  const { from, fish, n, end, otherSystem, who, reasons, temporary, codes, systemOf } = move;
  const tools = (moves?.tools ?? []).filter(({ what }) => what !== 'hands');
  const carry = () => {
    if (!end) return;
    const total = details.arrived ?? n;
    const attempt = {
      title: `${n} ${fish.label} to ${end.code}`,
      doing: `Move them to ${end.code}`,
      words: `${n} ${fish.label} from ${from.code} to ${end.code}${total === n ? '' : `, ${total} counted there`}`,
      drafts: carriedOut(carriedBy(move, end, { details, choices, now, task: task?.task }), newId),
      onDone: () => done(end.id),
    };
    // What stands beside the button was read before it was pressed.
    const staying = who && !choices.again ? who.exposed.length + (who.newcomerExposed ? 1 : 0) : 0;
    overrule.attempt(knowing(attempt, [...reasons.filter(isTaken), ...leftCleared(staying)]));
  };
  const write = () => {
    if (!end) return;
    const words = `Catch slip: ${n} ${fish.label}, ${from.code} to ${end.code}`;
    void recordAction(words, planned(plannedBy(move, end, details), words, newId)).then(
      ({ status }) => status !== 'refused' && done(from.id),
    );
  };
  const tryAgain = (slip: string) =>
    overrule.attempt({
      title: 'Another try today',
      doing: 'Try all the same',
      words: `Tried, not caught: ${fish.label} in ${from.code}`,
      drafts: [{ kind: 'transfer.tried', payload: { task: slip } }],
      onDone: () => undefined,
    });
  return (
    <div className={css.moveSlip}>
      <h2>
        {fish.label}, {from.code} <span className="soft">to</span> {end ? end.code : '…'}
      </h2>
      {task && <SlipSays task={task} />}
      <CountField label="In the net" value={n} min={1} max={fish.n} of={fish.n} onChange={setN} />
      {!end && <p>Tap the tank where they shall go. Hatched tanks say what stands against them.</p>}
      {end && reasons.length > 0 && <Reasons reasons={reasons} warn />}
      {end && otherSystem && !temporary && <Step step={systemStep(systemOf(from), systemOf(end))} to={end.code} />}
      {end && who && <Meeting who={who} label={fish.label} clocks={clocks} codes={codes} />}
      {end && (
        <>
          <MoveOptions move={move} end={end} now={now} choices={choices} onChange={(more) => setChoices((was) => ({ ...was, ...more }))} />
          <TaskDetails details={details} onChange={setDetails} fish={fish} from={from} to={end} n={n} tools={tools} />
          <Caution>
            Net still, in a corner; count before you lift; after {house.rules.triesBeforeRest} dips leave them until tomorrow. Spines: ask
            who it is, gloves. A full bucket takes two.
          </Caution>
        </>
      )}
      <MoveActs
        move={move}
        task={task?.task}
        onCarry={carry}
        onWrite={write}
        onTry={tryAgain}
        onOther={() => onTo(undefined)}
        onLeave={() => done(from.id)}
      />
    </div>
  );
}

function SlipSays({ task }: { task: MovesView['tasks'][number] }) {
  const said = [
    task.who,
    task.sex !== 'any' && task.sex,
    task.size !== 'any' && task.size,
    task.tries.length > 0 && `${task.tries.length} tries so far`,
  ];
  return <p className="soft tight">Catch slip: {said.filter(Boolean).join(', ') || task.planName}</p>;
}

type ActsProps = {
  move: JudgedMove;
  task: string | undefined;
  onCarry: () => void;
  onWrite: () => void;
  onTry: (task: string) => void;
  onOther: () => void;
  onLeave: () => void;
};

function MoveActs({ move, task, onCarry, onWrite, onTry, onOther, onLeave }: ActsProps) {
  const { end, n, cut, otherSystem, temporary, who, fish, from } = move;
  return (
    <div className={css.slipAct}>
      {end && (
        <ActButton
          pressKey="room.carry"
          onPress={onCarry}
          hint={cut ? 'as a lot of their own' : otherSystem ? 'another system: acclimate them' : 'same system'}
        >
          Move {n} to {end.code}
        </ActButton>
      )}
      <div className="chips">
        {end && who && meets(who) && (
          <Button variant="plain" onClick={onOther}>
            Another tank
          </Button>
        )}
        {end && otherSystem && !temporary && (
          <Link className="btn btn-plain" to={`/room/acclimate?lot=${fish.lot}&from=${from.id}&to=${end.id}&n=${n}`}>
            Acclimate first
          </Link>
        )}
        {end && !task && (
          <Button variant="plain" onClick={onWrite}>
            Catch slip for later
          </Button>
        )}
        {task && (
          <Button variant="plain" onClick={() => onTry(task)}>
            Tried, not caught
          </Button>
        )}
        <Button variant="plain" onClick={onLeave}>
          Leave them
        </Button>
      </div>
    </div>
  );
}
