// The last action on this screen: what was just written, how it was taken, and its undo.
import { createContext, use, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { isUndoable } from '#contract/kinds.ts';
import { record, type Draft } from '../data/house.ts';
import type { SendOutcome } from '../data/outbox.ts';
import { useVoice } from '../data/voice.ts';
import { sayAll } from '../words/refusals.ts';

export type Action = {
  actId: string;
  words: string;
  undoable: boolean;
  refused?: string;
  /** Fish have just been let out: the room may go dark. */ released?: boolean;
};
type Said = SendOutcome & { actId: string };
type Actions = {
  /** Writes and says so. */ recordAction: (words: string, ...drafts: Draft[]) => Promise<Said>;
  undo: (actId: string, words: string) => Promise<Said>;
  clear: () => void;
};

/** The last action leaves the foot after a while; its undo stays in the logbook. */
const SHOWN_FOR_MS = 40_000;

const ActionContext = createContext<Actions | undefined>(undefined);
/** Apart from what acts: a station is not drawn anew because something was done. */
const LastAction = createContext<Action | undefined>(undefined);

export function ActionProvider({ children }: { children: ReactNode }) {
  const [action, setAction] = useState<Action>();
  const voice = useVoice();
  const write = useCallback(
    async (words: string, undoable: boolean, drafts: Draft[]) => {
      const sent = record(...drafts);
      const released = drafts.some((draft) => draft.kind === 'fish.released' && draft.payload.alive > 0);
      setAction({ actId: sent.actId, words, undoable, released });
      const outcome = await sent;
      if (outcome.status === 'refused')
        setAction({ actId: sent.actId, words, undoable: false, refused: sayAll(outcome.refusals, outcome.code, voice) });
      return { ...outcome, actId: sent.actId };
    },
    [voice],
  );
  useEffect(() => {
    if (!action || action.refused) return;
    const timer = setTimeout(() => setAction(undefined), SHOWN_FOR_MS);
    return () => clearTimeout(timer);
  }, [action]);
  const actions = useMemo<Actions>(
    () => ({
      recordAction: (words, ...drafts) => write(words, isUndoable(drafts.map(({ kind }) => kind)), drafts),
      undo: (actId, words) => write(`Undid: ${words}`, false, [{ kind: 'entry.reversed', payload: { act: actId } }]),
      clear: () => setAction(undefined),
    }),
    [write],
  );
  return (
    <ActionContext value={actions}>
      <LastAction value={action}>{children}</LastAction>
    </ActionContext>
  );
}

export function useActions(): Actions {
  const actions = use(ActionContext);
  if (!actions) throw new Error('no place for actions');
  return actions;
}

export const useLastAction = (): Action | undefined => use(LastAction);
