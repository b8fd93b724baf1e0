// What a catch slip becomes: the entries of a move carried out, or of one planned. No screen in here.
import type { TankCard } from '#contract/views.ts';
import type { TransferTask } from '#core/moves/index.ts';
import type { QuarantinePolicy } from '#core/quarantine/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import type { Draft } from '../data/house.ts';
import type { JudgedMove } from './judge.ts';
import type { Choices } from './MoveOptions.tsx';
import type { Details } from './TaskDetails.tsx';

type Id = () => string;

export type Carried = {
  lot: string;
  label: string;
  from: string;
  to: string;
  /** Counted in the net, and at the other end. */
  n: number;
  arrived: number;
  /** They become a lot of their own, with its own clock: in quarantine when the parent is. */
  cut: boolean;
  inQuarantine: boolean;
  /** Others that were in the net and went along. */
  along: readonly { lot: string; n: number }[];
  /** What was seen to stay behind, and what the records then say is there; nothing when nobody counted. */
  behind?: { seen: number; onRecord: number };
  /** The other end is a temporary place. */
  untilMs?: number;
  tool?: string;
  task?: string;
  mishap?: 'fell' | 'jumped' | 'landed on its back';
  /** Cleared fish that come to fish in quarantine are in quarantine again. */
  quarantineAgain?: QuarantinePolicy;
  /** Cleared residents that meet fish in quarantine, each with the policy of its new hold. */
  residentsAgain: readonly { lot: string; policy: QuarantinePolicy }[];
  why?: string;
};

/** The entries of a move, in the order in which the house can take them. */
export function carriedOut(move: Carried, newId: Id): Draft[] {
  const lot = move.cut ? newId() : move.lot;
  const drafts: Draft[] = [];
  if (move.cut) {
    const { label, from: place, n } = move;
    drafts.push({
      kind: 'lot.split',
      payload: { lot: move.lot, child: lot, label, place, n, why: 'another system', ...(move.inQuarantine ? { quarantine: newId() } : {}) },
    });
  }
  if (move.untilMs !== undefined)
    drafts.push({
      kind: 'stay.limited',
      payload: {
        stayLimit: newId(),
        lot,
        place: move.to,
        untilMs: Math.round(move.untilMs),
        why: move.why || 'a place for a time',
      },
    });
  drafts.push({
    kind: 'stock.moved',
    payload: {
      moves: [
        { lot, from: move.from, to: move.to, n: move.n, ...(move.arrived === move.n ? {} : { arrived: move.arrived }) },
        ...move.along.map(({ lot, n }) => ({ lot, from: move.from, to: move.to, n })),
      ],
      ...(move.task ? { task: move.task } : {}),
      ...(move.why ? { why: move.why } : {}),
    },
  });
  // After the move: a place is judged by who was in quarantine before it.
  if (move.quarantineAgain && !move.inQuarantine)
    drafts.push({ kind: 'quarantine.opened', payload: { quarantine: newId(), lot, policy: move.quarantineAgain, zero: 'contact' } });
  for (const { lot: resident, policy } of move.residentsAgain)
    drafts.push({ kind: 'quarantine.opened', payload: { quarantine: newId(), lot: resident, policy, zero: 'contact' } });
  if (move.behind && move.behind.seen !== move.behind.onRecord) {
    const { seen: found, onRecord } = move.behind;
    drafts.push({
      kind: 'stock.counted',
      payload: {
        place: move.from,
        lot: move.lot,
        found,
        onRecord,
        against: found < onRecord ? 'missing' : 'discrepancy',
        note: 'counted after a catch',
      },
    });
  }
  if (move.mishap) drafts.push({ kind: 'mishap.recorded', payload: { lot, tank: move.to, n: 1, what: move.mishap } });
  if (move.tool) drafts.push({ kind: 'tool.used', payload: { tool: move.tool, tanks: [move.from, move.to] } });
  return drafts;
}

/** One slip written for later. */
export function planned(task: Omit<TransferTask, 'task'>, name: string, newId: Id): Draft {
  return { kind: 'moves.planned', payload: { plan: newId(), name, tasks: [{ task: newId(), ...task }] } };
}

type Said = { details: Details; choices: Choices; now: number; task: string | undefined };

/** What a judged move and what was said of it come to. */
export function carriedBy(move: JudgedMove, end: TankCard, { details, choices, now, task }: Said): Carried {
  const { fish, from, n, cut, inQuarantine, temporary, who, policyFor } = move;
  const { arrived, behind, along, tool, mishap } = details;
  const why = details.why.trim();
  const exposed = choices.again && who ? [...new Set(who.exposed.map(({ lot }) => lot))] : [];
  return {
    lot: fish.lot,
    label: fish.label,
    from: from.id,
    to: end.id,
    n,
    arrived: arrived ?? n,
    cut,
    inQuarantine,
    along: Object.entries(along).flatMap(([lot, count]) => (count > 0 ? [{ lot, n: count }] : [])),
    ...(behind === undefined ? {} : { behind: { seen: behind, onRecord: fish.n - n } }),
    ...(temporary ? { untilMs: now + choices.hours * HOUR_MS } : {}),
    ...(tool ? { tool } : {}),
    ...(task ? { task } : {}),
    ...(mishap ? { mishap } : {}),
    ...(choices.again && who?.newcomerExposed ? { quarantineAgain: policyFor(end) } : {}),
    residentsAgain: exposed.map((lot) => ({ lot, policy: policyFor(end) })),
    ...(why ? { why } : {}),
  };
}

/** The same as a slip for later. */
export function plannedBy({ fish, from, n, advice }: JudgedMove, end: TankCard, details: Details): Omit<TransferTask, 'task'> {
  const { tool, sex, size } = details;
  const [who, why] = [details.which.trim(), details.why.trim()];
  return {
    lot: fish.lot,
    from: from.id,
    to: end.id,
    n,
    sex,
    size,
    by: advice.cup ? 'cup' : 'net',
    after: [],
    comesBack: false,
    ...(who ? { who } : {}),
    ...(tool ? { tool } : {}),
    ...(why ? { why } : {}),
  };
}
