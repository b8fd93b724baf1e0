// The outbox: every act is kept, shown, sent in order and taken out when answered. Knows no screen and no React.
import type { Act } from '#core/catalogue/index.ts';
import type { Refusal as CoreRefusal } from '#core/journal/index.ts';
import type { KeptAct } from './actStore.ts';
import { Refusal, ServerAway, type Away } from './api.ts';

export type OutboxAct = {
  act: Act;
  person: string;
  /** `waiting` = not answered; `saved` = recorded, kept until every view has seen `seq`; `refused` = lies in the tray. */
  state: 'waiting' | 'saved' | 'refused';
  seq?: number;
  refusals?: CoreRefusal[];
  code?: string;
};
export type SendOutcome =
  { status: 'saved'; seq: number } | { status: 'refused'; refusals: CoreRefusal[]; code: string } | { status: 'waiting' };
export type OutboxState = {
  acts: readonly OutboxAct[];
  /** The last try found nobody there, or a house that can write nothing. */
  away: Away | false;
  /** This browser keeps nothing: what waits would be lost by a reload. */
  unkept: boolean;
  lastSavedSeq: number;
};

type Parts = {
  store: { all(): Promise<KeptAct[]>; put(kept: KeptAct): Promise<void>; remove(actId: string): Promise<void> };
  /** `maker` = who recorded it; the server takes it under no other sign-in. */
  send: (act: Act, maker: string) => Promise<{ seq: number }>;
  /** Called when an act was recorded, and when the server says that nobody is signed in. */
  onSaved: (seq: number, act: Act) => void;
  onSignedOut: () => void;
  retryMs?: number;
  /** How long a recorded act stays as a mark over views that have not caught up. */
  keepSavedMs?: number;
};

const MOST_BREAKS = 3;

export function makeOutbox({ store, send, onSaved, onSignedOut, retryMs = 2000, keepSavedMs = 15_000 }: Parts) {
  let state: OutboxState = { acts: [], away: false, unkept: false, lastSavedSeq: 0 };
  let person: string | undefined;
  let sending: Promise<void> | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  /** How often the house broke on an act. */
  const broke = new Map<string, number>();
  const listeners = new Set<() => void>();
  const set = (change: Partial<OutboxState>) => {
    state = { ...state, ...change };
    listeners.forEach((listener) => listener());
  };
  const change = (actId: string, to: Partial<OutboxAct>) =>
    set({ acts: state.acts.map((act) => (act.act.actId === actId ? { ...act, ...to } : act)) });
  const drop = (actId: string) => set({ acts: state.acts.filter((act) => act.act.actId !== actId) });
  const next = () => state.acts.find((act) => act.state === 'waiting' && act.person === person);

  async function sendAll(): Promise<void> {
    for (let outboxAct = next(); outboxAct; outboxAct = next()) {
      const { act } = outboxAct;
      try {
        const { seq } = await send(act, outboxAct.person);
        if (!Number.isInteger(seq)) throw new ServerAway('an answer without a number');
        await store.remove(act.actId).catch(() => undefined);
        // All at once: each change draws the stations anew.
        set({
          acts: state.acts.map((each) => (each.act.actId === act.actId ? { ...each, state: 'saved' as const, seq } : each)),
          away: false,
          lastSavedSeq: Math.max(state.lastSavedSeq, seq),
        });
        setTimeout(() => drop(act.actId), keepSavedMs);
        onSaved(seq, act);
      } catch (error) {
        if (error instanceof Refusal && error.status === 401) return onSignedOut();
        if (error instanceof Refusal && error.status >= 500) broke.set(act.actId, (broke.get(act.actId) ?? 0) + 1);
        // What the house breaks on again and again goes to the tray, and the rest goes on.
        const givenUp = (broke.get(act.actId) ?? 0) >= MOST_BREAKS;
        if (!(error instanceof Refusal) || (error.status >= 500 && !givenUp)) {
          set({ away: error instanceof ServerAway ? error.how : error instanceof Refusal && 'away' });
          retry ??= setTimeout(() => void flush(), retryMs);
          if (!(error instanceof ServerAway || error instanceof Refusal)) throw error;
          return;
        }
        const refusals = (error.body.refusals ?? []) as CoreRefusal[];
        const code = error.body.code ?? 'bad';
        broke.delete(act.actId);
        change(act.actId, { state: 'refused', refusals, code });
        await store.put({ person: outboxAct.person, act, refused: { refusals, code } }).catch(() => undefined);
        set({ away: false });
      }
    }
  }

  function flush(): Promise<void> {
    clearTimeout(retry);
    retry = undefined;
    sending ??= sendAll().finally(() => (sending = undefined));
    return sending;
  }

  return {
    getState: () => state,
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    /** Sends under this sign-in from now on; acts of others wait for their makers. */
    async signIn(id: string): Promise<void> {
      person = id;
      const kept = await store.all().catch(() => []);
      const known = new Set(state.acts.map(({ act }) => act.actId));
      const found = kept
        .filter(({ act }) => !known.has(act.actId))
        .map(({ act, person: maker, refused }): OutboxAct => ({
          act,
          person: maker,
          state: refused ? 'refused' : 'waiting',
          ...refused,
        }));
      set({ acts: [...found, ...state.acts] });
      void flush();
    },
    signOut: () => void (person = undefined),
    /** Keeps, shows and sends an act. The answer comes when it is known, or `waiting` when nobody is there. */
    async record(act: Act): Promise<SendOutcome> {
      if (person === undefined) throw new Error('nobody is signed in');
      set({ acts: [...state.acts, { act, person, state: 'waiting' }] });
      // A browser that will not keep it (a full disk, a private window) must not keep it from being sent.
      await store.put({ person, act }).catch(() => set({ unkept: true }));
      await flush();
      // Another flush may have been under way when this act joined the line.
      if (state.acts.find((kept) => kept.act.actId === act.actId)?.state === 'waiting' && !state.away) await flush();
      const known = state.acts.find(({ act: { actId } }) => actId === act.actId);
      if (!known || known.state === 'saved') return { status: 'saved', seq: known?.seq ?? state.lastSavedSeq };
      if (known.state === 'refused') return { status: 'refused', refusals: known.refusals ?? [], code: known.code ?? 'bad' };
      return { status: 'waiting' };
    },
    /** Another tab has sent it: here it neither waits nor lies in the tray any more. */
    savedElsewhere(actId: string): void {
      if (state.acts.some((act) => act.act.actId === actId && act.state !== 'saved')) drop(actId);
    },
    /** Tries a refused act again, as it is. */
    async again(actId: string): Promise<void> {
      const kept = state.acts.find(({ act }) => act.actId === actId);
      if (!kept) return;
      change(actId, { state: 'waiting', refusals: undefined, code: undefined });
      await store.put({ person: kept.person, act: kept.act }).catch(() => undefined);
      await flush();
    },
    /** Takes an act out of the tray for good. */
    async discard(actId: string): Promise<void> {
      await store.remove(actId).catch(() => undefined);
      drop(actId);
    },
    flush,
  };
}
