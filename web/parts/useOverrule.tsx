// An action that the house may refuse on grounds that somebody may pass over: tried, then asked about in the one dialog, then tried again. The dialog belongs
// to the frame: what was tried may have taken its own form off the screen already, and what stands against it must be said all the same.
import { useSyncExternalStore } from 'react';
import { passingOver, takenAs, type Overrule, type Refusal } from '#core/journal/index.ts';
import { KNOWINGLY } from '#core/placement/index.ts';
import type { WaterType } from '#core/species/index.ts';
import { useActions } from '../actions/actions.tsx';
import { outbox, type Draft } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { OverruleDialog } from './OverruleDialog.tsx';
import { contactEntry } from './quarantineDraft.ts';

export type Attempt = {
  title: string;
  doing: string;
  words: string;
  drafts: readonly Draft[];
  onDone: () => void;
  onRefused?: () => void;
};
type Against = readonly (Pick<Refusal, 'code' | 'facts' | 'overrule' | 'emergency'> & { path?: string })[];
type Known = Parameters<typeof passingOver>[1];
type Asked = { attempt: Attempt; against: Against; again: (why: Why) => void };
type Why = Pick<Overrule, 'reason' | 'without'> & { again?: true };

/** The attempt with costs taken that were read beside its button before it was pressed. */
export const knowing = (attempt: Attempt, costs: Known): Attempt => ({
  ...attempt,
  drafts: passingOver(attempt.drafts, costs, (cost) => takenAs(cost, KNOWINGLY)),
});

type MetLot = { lot: string; who: string; type: WaterType };
const metIn = (against: Against): MetLot[] => [
  ...new Map(
    against.flatMap(({ code, facts }) => (code === 'cost.leftCleared' ? [[facts.lot, facts as unknown as MetLot] as const] : [])),
  ).values(),
];

let asked: Asked | undefined;
const listeners = new Set<() => void>();
const setAsked = (next: Asked | undefined) => {
  asked = next;
  for (const tell of listeners) tell();
};
const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => void listeners.delete(tell);
};

export function useOverrule(): { attempt: (attempt: Attempt) => void; ask: (attempt: Attempt, against: Against) => void } {
  const { recordAction, clear } = useActions();
  const { house } = useMe();
  /** Cleared fish that meet fish in quarantine by it: what puts them in quarantine again. */
  const holdsOf = (against: Against): Draft[] => metIn(against).map(({ lot, type }) => contactEntry(lot, type, house.rules));
  const ask = (attempt: Attempt, against: Against) =>
    setAsked({
      attempt,
      against,
      again: ({ reason, again, ...why }) => {
        const passed = again ? against.filter(({ code }) => code !== 'cost.leftCleared') : against;
        const drafts = passingOver(attempt.drafts, passed, (refusal) => ({ ...takenAs(refusal, reason), ...why }));
        void run({ ...attempt, drafts: again ? [...drafts, ...holdsOf(against)] : drafts });
      },
    });
  const run = async (attempt: Attempt) => {
    const outcome = await recordAction(attempt.words, ...attempt.drafts);
    if (outcome.status !== 'refused') return attempt.onDone();
    // The screen keeps what was meant and shows what stands against it: nothing to lay in the tray.
    await outbox.discard(outcome.actId);
    attempt.onRefused?.();
    if (!outcome.refusals.some(({ overrule }) => overrule)) return;
    clear();
    ask(attempt, outcome.refusals);
  };
  return { attempt: (attempt) => void run(attempt), ask };
}

/** The dialog itself, once in the frame. */
export function OverruleHost() {
  const now = useSyncExternalStore(subscribe, () => asked);
  if (!now) return null;
  return (
    <OverruleDialog
      title={now.attempt.title}
      doing={now.attempt.doing}
      refusals={now.against}
      again={[...new Set(metIn(now.against).map(({ who }) => who))].join(', ')}
      onClose={() => setAsked(undefined)}
      onOverrule={(why) => {
        setAsked(undefined);
        now.again(why);
      }}
    />
  );
}
