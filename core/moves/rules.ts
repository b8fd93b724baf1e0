// When moves may be planned and a slip carried out: no round of slips that wait for each other, none done twice.
import { refuse, type Refusal, type Context, type Rules } from '../journal/index.ts';
import type { MoveEntries, MovesPlanned } from './entries.ts';
import { blocksOf, findRound } from './plan.ts';
import { STARTING_MOVES } from './settings.ts';
import type { MoveState } from './state.ts';

export const moveRules: Rules<MoveEntries, MoveState> = {
  'moves.planned': {
    decide: ({ payload }, context) => decidePlan(payload, context),
    links: ({ plan, tasks }) => ({
      makes: [plan, ...tasks.map(({ task }) => task)],
      needs: [...tasks.map(({ lot }) => lot), ...tasks.flatMap(({ tool }) => (tool ? [tool] : []))],
    }),
  },
  'transfer.tried': {
    decide: ({ payload, occurredAtMs }, context) =>
      againstTask(payload.task, occurredAtMs, context).filter(({ code }) => code !== 'transfer.blocked' && code !== 'transfer.waits'),
    links: ({ task }) => ({ needs: [task] }),
  },
  'transfer.unblocked': {
    decide: ({ payload, occurredAtMs }, context) =>
      againstTask(payload.task, occurredAtMs, context).filter(
        ({ code }) => code === 'unknown' || code === 'transfer.done' || code === 'transfer.dropped',
      ),
    links: ({ task }) => ({ needs: [task] }),
  },
  'transfer.dropped': {
    decide: ({ payload, occurredAtMs }, context) =>
      againstTask(payload.task, occurredAtMs, context).filter(
        ({ code }) => code === 'unknown' || code === 'transfer.done' || code === 'transfer.dropped',
      ),
    links: ({ task }) => ({ needs: [task] }),
  },
};

function decidePlan({ tasks }: MovesPlanned, { state }: Context<MoveState>): Refusal[] {
  const here = new Set(tasks.map(({ task }) => task));
  const problems = tasks.flatMap((otherTask, index): Refusal[] => {
    const path = `slips.${index}`;
    if (!state.findLot(otherTask.lot)) return refuse('unknown', `${path}.lot`, { what: 'lot', id: otherTask.lot });
    if (otherTask.from === otherTask.to) return refuse('move.nowhere', `${path}.to`);
    for (const end of ['from', 'to'] as const) {
      const tank = state.findTank(otherTask[end]);
      if (!tank) return refuse('unknown', `${path}.${end}`, { what: 'tank', id: otherTask[end] });
      if (tank.retired) return refuse('tank.retired', `${path}.${end}`, { code: tank.code });
    }
    if (otherTask.tool && !state.isTool(otherTask.tool)) return refuse('unknown', `${path}.tool`, { what: 'tool', id: otherTask.tool });
    const unknown = otherTask.after.find((task) => !here.has(task) && !state.findTask(task));
    return unknown ? refuse('unknown', `${path}.after`, { what: 'task', id: unknown }) : [];
  });
  if (problems.length > 0) return problems;
  const round = findRound(tasks);
  if (!round) return [];
  const codes = round
    .map((id) => tasks.find(({ task }) => task === id)!)
    .map(({ from, to }) => `${state.findTank(from)!.code} to ${state.findTank(to)!.code}`);
  return refuse('transfer.round', 'tasks', { round: codes.join(', which waits for ') });
}

/** Why a slip is not to be carried out now. What is only early may be done all the same by a keeper who says why. */
export function againstTask(id: string, atMs: number, { state }: Context<MoveState>): Refusal[] {
  const task = state.findTask(id);
  if (!task) return refuse('unknown', 'task', { what: 'task', id });
  if (task.done) return refuse('transfer.done', 'task', { by: task.done.by, atMs: task.done.atMs });
  if (task.dropped) return refuse('transfer.dropped', 'task', { by: task.dropped.by, atMs: task.dropped.atMs });
  const isOpen = (successor: string) => {
    const facts = state.findTask(successor);
    return facts !== undefined && !facts.done && !facts.dropped;
  };
  const { triesBeforeRest } = state.findRules() ?? STARTING_MOVES;
  return blocksOf(task, isOpen, { now: atMs, zone: state.findZone()!, triesBeforeRest }).flatMap((block) => {
    switch (block.why) {
      case 'after': {
        const before = state.findTask(block.task)!;
        return refuse(
          'transfer.blocked',
          'task',
          { n: before.n, from: state.findTank(before.from)?.code, to: state.findTank(before.to)?.code },
          'keeper',
        );
      }
      case 'waits':
        return refuse('transfer.waits', 'task', { what: block.what, untilMs: block.untilMs }, 'keeper');
      case 'resting':
        return refuse('transfer.resting', 'task', { tries: block.tries, untilMs: block.untilMs }, 'keeper');
    }
  });
}
