// Fish in hand beside the racks: who, how many, from where to where, whose clock it restarts, the count at both ends.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { QuarantineCard, MovesView, RoomView, TankCard } from '#contract/views.ts';
import { netFor, systemStep } from '#core/moves/index.ts';
import { isTaken } from '#core/placement/index.ts';
import { quarantineClassOf, type QuarantinePolicy } from '#core/quarantine/index.ts';
import { isTemporary } from '#core/room/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { newId } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useVoice } from '../data/voice.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { knowing, useOverrule } from '../parts/useOverrule.tsx';
import { sayRefusal } from '../words/refusals.ts';
import { carriedOut, planned } from './draft.ts';
import { Meeting, meetingOf, meets } from './Meeting.tsx';
import { detailsOf, TaskDetails, type Details } from './TaskDetails.tsx';
import { Step } from './Step.tsx';
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
  const { time } = useTimes();
  const voice = useVoice();
  const now = useHouseNow(MINUTE_MS);
  const { recordAction } = useActions();
  const overrule = useOverrule();
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const from = tanks.find(({ id }) => id === hand.from)!;
  const fish = from.occupants.find(({ lot }) => lot === hand.lot)!;
  const task = moves?.tasks.find((one) => one.task === taskId);
  const [said, setN] = useState(task?.n ?? fish.n);
  // Somebody may have taken some meanwhile: never more than are there.
  const n = Math.min(said, fish.n);
  const [details, setDetails] = useState<Details>(() => detailsOf(task));
  const { arrived, behind, along, tool, mishap, sex, size } = details;
  const [which, why] = [details.which.trim(), details.why.trim()];
  const [oneLot, setOneLot] = useState(false);
  const [again, setAgain] = useState(true);
  const [hours, setHours] = useState(house.rules.temporaryH);
  const end = to && to.id !== from.id ? to : undefined;
  const codes = new Map(tanks.map(({ id, code }) => [id, code]));
  const inQuarantine = fish.quarantine !== undefined;
  const otherSystem = end !== undefined && end.system !== from.system;
  // Part of a lot in another system has another history: it is cut off, so that each keeps a clock of its own.
  const cut = n < fish.n && otherSystem && !oneLot;
  const who = end && meetingOf(view, { lot: fish.lot, from: from.id, to: end.id, inQuarantine });
  const advice = netFor({ sizeCm: fish.sizeCm ?? 5, round: from.vessel === 'bucket' });
  const tools = (moves?.tools ?? []).filter(({ what }) => what !== 'hands');
  const reasons = end?.reasons ?? [];
  const systemOf = ({ system }: TankCard) => view.systems.find(({ id }) => id === system)!;
  const policyFor = (tank: TankCard): QuarantinePolicy => house.rules.quarantine[quarantineClassOf({}, systemOf(tank).type)];
  // Fish in a bucket, and displaced fish, have an hour at which they are out again.
  const temporary = end !== undefined && (isTemporary(end) || (task?.comesBack ?? false));
  const total = arrived ?? n;
  const carry = () => {
    if (!end) return;
    const drafts = carriedOut(
      {
        lot: fish.lot,
        label: fish.label,
        from: from.id,
        to: end.id,
        n,
        arrived: total,
        cut,
        inQuarantine,
        along: Object.entries(along).flatMap(([lot, count]) => (count > 0 ? [{ lot, n: count }] : [])),
        ...(behind === undefined ? {} : { behind: { seen: behind, onRecord: fish.n - n } }),
        ...(temporary ? { untilMs: now + hours * HOUR_MS } : {}),
        ...(tool ? { tool } : {}),
        ...(task ? { task: task.task } : {}),
        ...(mishap ? { mishap } : {}),
        ...(again && who?.newcomerExposed ? { quarantineAgain: policyFor(end) } : {}),
        residentsAgain: again && who ? [...new Set(who.exposed.map(({ lot }) => lot))].map((lot) => ({ lot, policy: policyFor(end) })) : [],
        ...(why ? { why } : {}),
      },
      newId,
    );
    const attempt = {
      title: `${n} ${fish.label} to ${end.code}`,
      doing: `Move them to ${end.code}`,
      words: `${n} ${fish.label} from ${from.code} to ${end.code}${total === n ? '' : `, ${total} counted there`}`,
      drafts,
      onDone: () => onDone(end.id),
    };
    // What stands beside the button was read before it was pressed.
    const staying = who && !again ? who.exposed.length + (who.newcomerExposed ? 1 : 0) : 0;
    overrule.attempt(knowing(attempt, [...reasons.filter(isTaken), ...leftCleared(staying)]));
  };
  const write = () => {
    if (!end) return;
    const words = `Catch slip: ${n} ${fish.label}, ${from.code} to ${end.code}`;
    void recordAction(
      words,
      planned(
        {
          lot: fish.lot,
          from: from.id,
          to: end.id,
          n,
          sex,
          size,
          by: advice.cup ? 'cup' : 'net',
          after: [],
          comesBack: false,
          ...(which ? { who: which } : {}),
          ...(tool ? { tool } : {}),
          ...(why ? { why } : {}),
        },
        words,
        newId,
      ),
    ).then(({ status }) => status !== 'refused' && onDone(from.id));
  };
  return (
    <div className="move-slip">
      <h2>
        {fish.label}, {from.code} <span className="soft">to</span> {end ? end.code : '…'}
      </h2>
      {task && (
        <p className="soft tight">
          Catch slip:{' '}
          {[
            task.who,
            task.sex !== 'any' && task.sex,
            task.size !== 'any' && task.size,
            task.tries.length > 0 && `${task.tries.length} tries so far`,
          ]
            .filter(Boolean)
            .join(', ') || task.planName}
        </p>
      )}
      <CountField label="In the net" value={n} min={1} max={fish.n} onChange={setN} />
      {!end && <p>Tap the tank where they shall go. Hatched tanks say what stands against them.</p>}
      {end && reasons.length > 0 && (
        <ul className="reasons warn">
          {reasons.map((reason) => (
            <li key={reason.code + JSON.stringify(reason.facts)}>{sayRefusal(reason, voice)}</li>
          ))}
        </ul>
      )}
      {end && otherSystem && !temporary && <Step step={systemStep(systemOf(from), systemOf(end))} to={end.code} />}
      {end && who && <Meeting who={who} label={fish.label} clocks={clocks} codes={codes} />}
      {end && (
        <>
          {temporary && (
            <>
              <Chips
                label={`Out of ${end.code} again in`}
                options={['1 h', '4 h', '1 day', '3 days']}
                value={({ 1: '1 h', 4: '4 h', 24: '1 day', 72: '3 days' } as const)[hours]}
                onChange={(text) => setHours({ '1 h': 1, '4 h': 4, '1 day': 24, '3 days': 72 }[text])}
              />
              <p className="soft tight">Until {time(now + hours * HOUR_MS)}: it is timed, so that nobody is forgotten.</p>
            </>
          )}
          {n < fish.n && otherSystem && (
            <Form.Check
              type="checkbox"
              id="one-lot"
              label={`Keep one lot and one clock (else these ${n} become a lot of their own)`}
              checked={oneLot}
              onChange={(event) => setOneLot(event.target.checked)}
            />
          )}
          {who && (who.newcomerExposed || who.exposed.length > 0) && (
            <Form.Check
              type="checkbox"
              id="hold-again"
              label="Cleared fish that meet fish in quarantine are back in quarantine"
              checked={again}
              onChange={(event) => setAgain(event.target.checked)}
            />
          )}
          <TaskDetails details={details} onChange={setDetails} fish={fish} from={from} to={end} n={n} tools={tools} />
          <Caution>
            Net still, in a corner; count before you lift; after {house.rules.triesBeforeRest} dips leave them until tomorrow. Spines: ask
            who it is, gloves. A full bucket takes two.
          </Caution>
        </>
      )}
      <div className="slip-act">
        {end && (
          <ActButton
            pressKey="room.carry"
            onPress={carry}
            hint={cut ? 'as a lot of their own' : otherSystem ? 'another system: acclimate them' : 'same system'}
          >
            Move {n} to {end.code}
          </ActButton>
        )}
        <div className="chips">
          {end && who && meets(who) && (
            <Button variant="plain" onClick={() => onTo(undefined)}>
              Another tank
            </Button>
          )}
          {end && otherSystem && !temporary && (
            <Link className="btn btn-plain" to={`/room/acclimate?lot=${fish.lot}&from=${from.id}&to=${end.id}&n=${n}`}>
              Acclimate first
            </Link>
          )}
          {end && !task && (
            <Button variant="plain" onClick={write}>
              Catch slip for later
            </Button>
          )}
          {task && (
            <Button
              variant="plain"
              onClick={() =>
                overrule.attempt({
                  title: 'Another try today',
                  doing: 'Try all the same',
                  words: `Tried, not caught: ${fish.label} in ${from.code}`,
                  drafts: [{ kind: 'transfer.tried', payload: { task: task.task } }],
                  onDone: () => undefined,
                })
              }
            >
              Tried, not caught
            </Button>
          )}
          <Button variant="plain" onClick={() => onDone(from.id)}>
            Leave them
          </Button>
        </div>
      </div>
    </div>
  );
}
