// A move before it is made: who is in the net, what the other end is to them, whether they become a lot of their own, whom they meet.
import type { MovesView, RoomView, TankCard } from '#contract/views.ts';
import { netFor } from '#core/moves/index.ts';
import { quarantineClassOf, type QuarantinePolicy } from '#core/quarantine/index.ts';
import { isTemporary } from '#core/room/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { meetingOf } from './Meeting.tsx';

type Task = MovesView['tasks'][number];
export type Asked = {
  view: RoomView;
  hand: { lot: string; from: string };
  to: TankCard | undefined;
  task: Task | undefined;
  /** How many, and whether they stay one lot wherever they go. */
  n: number;
  oneLot: boolean;
};

/** Who is in hand, in which tank. */
export function inHand({ view, hand }: Pick<Asked, 'view' | 'hand'>) {
  const from = view.racks.flatMap(({ tanks }) => tanks).find(({ id }) => id === hand.from)!;
  return { from, fish: from.occupants.find(({ lot }) => lot === hand.lot)! };
}

export function judgeMove({ view, hand, to, task, n: said, oneLot }: Asked, rules: HouseRules) {
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const { from, fish } = inHand({ view, hand });
  // Somebody may have taken some meanwhile: never more than are there.
  const n = Math.min(said, fish.n);
  const end = to && to.id !== from.id ? to : undefined;
  const inQuarantine = fish.quarantine !== undefined;
  const otherSystem = end !== undefined && end.system !== from.system;
  const systemOf = ({ system }: TankCard) => view.systems.find(({ id }) => id === system)!;
  return {
    from,
    fish,
    n,
    end,
    inQuarantine,
    otherSystem,
    // Part of a lot in another system has another history: it is cut off, so that each keeps a clock of its own.
    cut: n < fish.n && otherSystem && !oneLot,
    who: end && meetingOf(view, { lot: fish.lot, from: from.id, to: end.id, inQuarantine }),
    advice: netFor({ sizeCm: fish.sizeCm ?? 5, round: from.vessel === 'bucket' }),
    reasons: end?.reasons ?? [],
    codes: new Map(tanks.map(({ id, code }) => [id, code])),
    // Fish in a bucket, and displaced fish, have an hour at which they are out again.
    temporary: end !== undefined && (isTemporary(end) || (task?.comesBack ?? false)),
    systemOf,
    policyFor: (tank: TankCard): QuarantinePolicy => rules.quarantine[quarantineClassOf({}, systemOf(tank).type)],
  };
}
export type JudgedMove = ReturnType<typeof judgeMove>;
