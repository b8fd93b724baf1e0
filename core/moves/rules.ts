// When moves may be planned and a slip carried out: no round of slips that wait for each other, none done twice.
import { refuse, type Refusal, type Context, type Rules } from '../journal/index.ts';
import type { MoveEntries, MovesPlanned } from './entries.ts';
import { blocksOf, findRound } from './plan.ts';
import { STARTING_MOVES } from './settings.ts';
import type { MoveState } from './state.ts';

export const moveRules: Rules<MoveEntries, MoveState> = {
  'moves.planned': {
    decide: ({ payload }, context) => decidePlan(payload, context),
    links: ({ plan, slips }) => ({
      makes: [plan, ...slips.map(({ slip }) => slip)],
      needs: [...slips.map(({ lot }) => lot), ...slips.flatMap(({ tool }) => (tool ? [tool] : []))],
    }),
  },
  'slip.tried': {
    decide: ({ payload, occurredAtMs }, context) =>
      againstSlip(payload.slip, occurredAtMs, context).filter(({ code }) => code !== 'slip.blocked' && code !== 'slip.waits'),
    links: ({ slip }) => ({ needs: [slip] }),
  },
  'slip.freed': {
    decide: ({ payload, occurredAtMs }, context) =>
      againstSlip(payload.slip, occurredAtMs, context).filter(
        ({ code }) => code === 'unknown' || code === 'slip.done' || code === 'slip.dropped',
      ),
    links: ({ slip }) => ({ needs: [slip] }),
  },
  'slip.dropped': {
    decide: ({ payload, occurredAtMs }, context) =>
      againstSlip(payload.slip, occurredAtMs, context).filter(
        ({ code }) => code === 'unknown' || code === 'slip.done' || code === 'slip.dropped',
      ),
    links: ({ slip }) => ({ needs: [slip] }),
  },
};

function decidePlan({ slips }: MovesPlanned, { state }: Context<MoveState>): Refusal[] {
  const here = new Set(slips.map(({ slip }) => slip));
  const problems = slips.flatMap((one, index): Refusal[] => {
    const path = `slips.${index}`;
    if (!state.findLot(one.lot)) return refuse('unknown', `${path}.lot`, { what: 'lot', id: one.lot });
    if (one.from === one.to) return refuse('move.nowhere', `${path}.to`);
    for (const end of ['from', 'to'] as const) {
      const tank = state.findTank(one[end]);
      if (!tank) return refuse('unknown', `${path}.${end}`, { what: 'tank', id: one[end] });
      if (tank.retired) return refuse('tank.retired', `${path}.${end}`, { code: tank.code });
    }
    if (one.tool && !state.isTool(one.tool)) return refuse('unknown', `${path}.tool`, { what: 'tool', id: one.tool });
    const unknown = one.after.find((slip) => !here.has(slip) && !state.findSlip(slip));
    return unknown ? refuse('unknown', `${path}.after`, { what: 'slip', id: unknown }) : [];
  });
  if (problems.length > 0) return problems;
  const round = findRound(slips);
  if (!round) return [];
  const codes = round
    .map((id) => slips.find(({ slip }) => slip === id)!)
    .map(({ from, to }) => `${state.findTank(from)!.code} to ${state.findTank(to)!.code}`);
  return refuse('slip.round', 'slips', { round: codes.join(', which waits for ') });
}

/** Why a slip is not to be carried out now. What is only early may be done all the same by a keeper who says why. */
export function againstSlip(id: string, atMs: number, { state }: Context<MoveState>): Refusal[] {
  const slip = state.findSlip(id);
  if (!slip) return refuse('unknown', 'slip', { what: 'slip', id });
  if (slip.done) return refuse('slip.done', 'slip', { by: slip.done.by, atMs: slip.done.atMs });
  if (slip.dropped) return refuse('slip.dropped', 'slip', { by: slip.dropped.by, atMs: slip.dropped.atMs });
  const isOpen = (other: string) => {
    const facts = state.findSlip(other);
    return facts !== undefined && !facts.done && !facts.dropped;
  };
  const { triesBeforeRest } = state.findRules() ?? STARTING_MOVES;
  return blocksOf(slip, isOpen, { now: atMs, zone: state.findZone()!, triesBeforeRest }).flatMap((block) => {
    switch (block.why) {
      case 'after': {
        const before = state.findSlip(block.slip)!;
        return refuse(
          'slip.blocked',
          'slip',
          { n: before.n, from: state.findTank(before.from)?.code, to: state.findTank(before.to)?.code },
          'keeper',
        );
      }
      case 'waits':
        return refuse('slip.waits', 'slip', { what: block.what, untilMs: block.untilMs }, 'keeper');
      case 'resting':
        return refuse('slip.resting', 'slip', { tries: block.tries, untilMs: block.untilMs }, 'keeper');
    }
  });
}
