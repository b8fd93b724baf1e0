// A deed that the house may refuse on grounds that a lead may pass over: tried, then asked about in the one dialog, then tried again.
import { useState, type ReactNode } from 'react';
import type { Overrule, Refusal } from '#core/journal/index.ts';
import { useDeeds } from '../data/deed.tsx';
import { outbox, type Draft } from '../data/house.ts';
import { OverruleDialog } from './OverruleDialog.tsx';

export type Attempt = { title: string; doing: string; words: string; drafts: readonly Draft[]; onDone: () => void; onRefused?: () => void };
type Against = readonly Pick<Refusal, 'code' | 'facts' | 'overrule' | 'emergency'>[];

export function useOverrule(): {
  attempt: (attempt: Attempt) => void;
  ask: (attempt: Attempt, against: Against) => void;
  dialog: ReactNode;
} {
  const { doIt, clear } = useDeeds();
  const [asked, setAsked] = useState<{ attempt: Attempt; against: Against }>();
  const run = async (attempt: Attempt, overrules?: Overrule[]) => {
    const outcome = await doIt(attempt.words, ...attempt.drafts.map((draft) => (overrules ? { ...draft, overrules } : draft)));
    if (outcome.status !== 'refused') return attempt.onDone();
    // The screen keeps what was meant and shows what stands against it: nothing to lay in the tray.
    await outbox.discard(outcome.actId);
    attempt.onRefused?.();
    if (!outcome.refusals.some(({ overrule }) => overrule)) return;
    clear();
    setAsked({ attempt, against: outcome.refusals });
  };
  return {
    attempt: (attempt) => void run(attempt),
    ask: (attempt, against) => setAsked({ attempt, against }),
    dialog: asked && (
      <OverruleDialog
        title={asked.attempt.title}
        doing={asked.attempt.doing}
        refusals={asked.against}
        onClose={() => setAsked(undefined)}
        onOverrule={(overrules) => {
          setAsked(undefined);
          void run(asked.attempt, overrules);
        }}
      />
    ),
  };
}
