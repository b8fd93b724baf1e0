// A deed that the house may refuse on grounds that somebody may pass over: tried, then asked about in the one dialog, then tried again. The dialog belongs
// to the frame: what was tried may have taken its own form off the screen already, and what stands against it must be said all the same.
import { useSyncExternalStore } from 'react';
import type { Overrule, Refusal } from '#core/journal/index.ts';
import { useDeeds } from '../data/deed.tsx';
import { outbox, type Draft } from '../data/house.ts';
import { OverruleDialog } from './OverruleDialog.tsx';

export type Attempt = {
  title: string;
  doing: string;
  words: string;
  drafts: readonly Draft[];
  /** Known and taken before it is tried. */
  overrules?: Overrule[];
  onDone: () => void;
  onRefused?: () => void;
};
type Against = readonly Pick<Refusal, 'code' | 'facts' | 'overrule' | 'emergency'>[];
type Asked = { attempt: Attempt; against: Against; again: (overrules: Overrule[]) => void };

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
  const { doIt, clear } = useDeeds();
  const ask = (attempt: Attempt, against: Against) =>
    setAsked({
      attempt,
      against,
      again: (overrules) => {
        const before = attempt.overrules?.filter(({ code }) => !overrules.some((one) => one.code === code)) ?? [];
        void run({ ...attempt, overrules: [...before, ...overrules] });
      },
    });
  const run = async (attempt: Attempt) => {
    const { overrules } = attempt;
    const outcome = await doIt(attempt.words, ...attempt.drafts.map((draft) => (overrules?.length ? { ...draft, overrules } : draft)));
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
      onClose={() => setAsked(undefined)}
      onOverrule={(overrules) => {
        setAsked(undefined);
        now.again(overrules);
      }}
    />
  );
}
