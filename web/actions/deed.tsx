// The last deed on this screen: what was just written, how it was taken, and its undo.
import { createContext, use, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { isUndoable } from '#contract/kinds.ts';
import { record, type Draft } from '../data/house.ts';
import type { SendOutcome } from '../data/outbox.ts';
import { useVoice } from '../data/voice.ts';
import { sayAll } from '../words/refusals.ts';

export type Deed = {
  actId: string;
  words: string;
  undoable: boolean;
  refused?: string;
  /** Fish have just been let out: the room may go dark. */ released?: boolean;
};
type Said = SendOutcome & { actId: string };
type Deeds = {
  deed: Deed | undefined;
  /** Writes and says so. */ doIt: (words: string, ...drafts: Draft[]) => Promise<Said>;
  undo: (actId: string, words: string) => Promise<Said>;
  clear: () => void;
};

/** The last deed leaves the foot after a while; its undo stays in the daybook. */
const SHOWN_FOR_MS = 40_000;

const DeedContext = createContext<Deeds | undefined>(undefined);

export function DeedProvider({ children }: { children: ReactNode }) {
  const [deed, setDeed] = useState<Deed>();
  const voice = useVoice();
  const write = useCallback(
    async (words: string, undoable: boolean, drafts: Draft[]) => {
      const sent = record(...drafts);
      const released = drafts.some((draft) => draft.kind === 'fish.released' && draft.payload.alive > 0);
      setDeed({ actId: sent.actId, words, undoable, released });
      const outcome = await sent;
      if (outcome.status === 'refused')
        setDeed({ actId: sent.actId, words, undoable: false, refused: sayAll(outcome.refusals, outcome.code, voice) });
      return { ...outcome, actId: sent.actId };
    },
    [voice],
  );
  useEffect(() => {
    if (!deed || deed.refused) return;
    const timer = setTimeout(() => setDeed(undefined), SHOWN_FOR_MS);
    return () => clearTimeout(timer);
  }, [deed]);
  const deeds = useMemo<Deeds>(
    () => ({
      deed,
      doIt: (words, ...drafts) => write(words, isUndoable(drafts.map(({ kind }) => kind)), drafts),
      undo: (actId, words) => write(`Took back: ${words}`, false, [{ kind: 'entry.reversed', payload: { act: actId } }]),
      clear: () => setDeed(undefined),
    }),
    [deed, write],
  );
  return <DeedContext value={deeds}>{children}</DeedContext>;
}

export function useDeeds(): Deeds {
  const deeds = use(DeedContext);
  if (!deeds) throw new Error('no place for deeds');
  return deeds;
}
