// The tablets of the box: real outboxes over a store that fails or hangs, two tabs of one browser, people who come and go, clocks of their own.
import { v7 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import { MAKER_HEADER, paths } from '#contract/paths.ts';
import type { Act, Kind } from '#core/catalogue/index.ts';
import type { KeptAct } from '../../web/data/actStore.ts';
import { getJson, postJson } from '../../web/data/api.ts';
import { makeOutbox } from '../../web/data/outbox.ts';
import type { Tablet, Written } from './ledger.ts';

export const PINS: Record<string, string> = { ines: '4711', bram: '2020', pia: '1234' };
type Said = { kind: Kind; payload: unknown };
const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** What one browser keeps, for all of its tabs. */
function makeStore() {
  const kept = new Map<string, KeptAct>();
  const unkept = new Set<string>();
  const state: { is: 'well' | 'failing' | 'hanging' } = { is: 'well' };
  const opened = async () => {
    if (state.is === 'hanging') await wait(10);
    if (state.is !== 'well') throw new Error('the store of this browser does not open');
  };
  return {
    kept,
    unkept,
    state,
    all: async () => {
      await opened();
      return structuredClone([...kept.values()]);
    },
    put: async (keptAct: KeptAct) => {
      try {
        await opened();
      } catch (error) {
        if (!kept.has(keptAct.act.actId)) unkept.add(keptAct.act.actId);
        throw error;
      }
      kept.set(keptAct.act.actId, structuredClone(keptAct));
    },
    remove: async (actId: string) => {
      await opened();
      kept.delete(actId);
    },
  };
}

export type Tab = {
  outbox: ReturnType<typeof makeOutbox>;
  person: () => string | undefined;
  signedInAs: (id: string) => Promise<void>;
  askWho: () => Promise<void>;
  record: (said: readonly Said[]) => void;
  close: () => void;
};

export function makeBrowser(name: string, nowMs: () => number) {
  const store = makeStore();
  const written: Written[] = [];
  const saved = new Set<string>();
  /** What a page was sending when it was left may still arrive, whatever the next page is told. */
  const left = new Set<string>();
  const tabs: Tab[] = [];
  let clockOffMs = 0;

  function openTab(first?: string): Tab {
    let person: string | undefined;
    let gone = false;
    const outbox = makeOutbox({
      store,
      send: (act, maker) => postJson<{ seq: number }>(`/${name}${paths.journal}`, act, { [MAKER_HEADER]: maker }),
      retryMs: 4,
      keepSavedMs: 50,
      onSaved(_seq, act) {
        saved.add(act.actId);
        for (const otherTab of tabs) if (otherTab !== tab) otherTab.outbox.savedElsewhere(act.actId);
      },
      onSignedOut: () => void askWho(),
    });
    async function signedInAs(id: string): Promise<void> {
      person = id;
      await outbox.signIn(id);
    }
    /** As a page does when the house says that somebody else, or nobody, is signed in. */
    async function askWho(): Promise<void> {
      try {
        const me = await getJson<{ person?: { id: string } }>(`/${name}${paths.me}`);
        if (!gone && me.person && me.person.id !== person) await signedInAs(me.person.id);
      } catch {
        // Away, or nobody: the door is shown, and what waits waits.
      }
    }
    const tab: Tab = {
      outbox,
      person: () => person,
      signedInAs,
      askWho,
      record(said: readonly Said[]): void {
        if (person === undefined) return;
        const occurredAtMs = nowMs() + clockOffMs;
        const entries = said.map((entry) => ({ id: v7(), version: versionOf(entry.kind), occurredAtMs, ...entry }));
        const act = { actId: v7(), entries } as Act;
        written.push({ actId: act.actId, person, entries: structuredClone(act.entries) });
        void outbox.record(act);
      },
      /** The page is left; what it was sending may still arrive. */
      close(): void {
        gone = true;
        for (const { act, state } of outbox.getState().acts) if (state === 'waiting') left.add(act.actId);
        outbox.signOut();
        tabs.splice(tabs.indexOf(tab), 1);
      },
    };
    tabs.push(tab);
    if (first !== undefined) void signedInAs(first);
    return tab;
  }

  const refusedIn = () => [
    ...[...store.kept.values()].flatMap(({ act, refused }) => (refused ? [[act.actId, refused.code] as const] : [])),
    ...tabs.flatMap(({ outbox }) =>
      outbox.getState().acts.flatMap(({ act, state, code }) => (state === 'refused' ? [[act.actId, code!] as const] : [])),
    ),
  ];
  /** What a tab knows to be answered is not waited for, though a store that failed may not have heard of it. */
  const waiting = () => {
    const inTabs = tabs.flatMap(({ outbox }) => outbox.getState().acts);
    const answered = new Set(inTabs.flatMap(({ act, state }) => (state === 'waiting' ? [] : [act.actId])));
    const inStore = [...store.kept.values()].filter(({ act, refused }) => !refused && !saved.has(act.actId));
    return new Map(
      [...inStore, ...inTabs.filter(({ state }) => state === 'waiting')]
        .filter(({ act }) => !answered.has(act.actId))
        .map(({ act, person }) => [act.actId, person]),
    );
  };
  return {
    name,
    store,
    tabs,
    openTab,
    waiting,
    setClock: (ms: number) => void (clockOffMs = ms),
    /** Somebody signs in at the door on one tab; the others hear of it when they do. */
    async signIn(tab: Tab, person: string): Promise<boolean> {
      try {
        await postJson(`/${name}${paths.signIn}`, { person, pin: PINS[person] });
      } catch {
        return false;
      }
      await tab.signedInAs(person);
      return true;
    },
    report: (): Tablet => ({
      written,
      saved,
      left,
      unkept: store.unkept,
      tray: new Map(refusedIn()),
      waiting: new Set(waiting().keys()),
    }),
  };
}
