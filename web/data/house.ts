// This screen's one outbox and its live stream, and the hooks through which stations read and write.
import { useEffect, useSyncExternalStore } from 'react';
import useSWR, { mutate, useSWRConfig, type Cache } from 'swr';
import { v7 } from 'uuid';
import { kinds, versionOf } from '#contract/kinds.ts';
import { MAKER_HEADER, paths, viewPath } from '#contract/paths.ts';
import { VIEW_TOPICS, type LiveMessage, type ViewName, type Views } from '#contract/views.ts';
import type { Act, Kind, Payloads } from '#core/catalogue/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import { writable } from '#core/writing/index.ts';
import { actStore } from './actStore.ts';
import { getJson, postJson } from './api.ts';
import { pathsFromBefore, readOrSeen } from './away.ts';
import { hearHouseTime, houseNow, onClockSet } from './clock.ts';
import { makeOutbox, type OutboxState, type SendOutcome } from './outbox.ts';
import { onSavedElsewhere, tellSaved } from './tabs.ts';

/** Views that meet a change are read again at most this often. */
const REVALIDATE_EVERY_MS = 150;
const REOPEN_AFTER_MS = 3000;

/** What a station wants written: kind and payload; ids, version and time are added here. */
export type Draft = { [K in Kind]: { kind: K; payload: Payloads[K]; overrules?: Overrule[] } }[Kind];

export const newId = (): string => v7();

/** The view that a key of the cache is of. */
export const keyOfView = (key: unknown): ViewName | undefined => {
  const name = typeof key === 'string' ? /^\/api\/views\/([a-z]+)/i.exec(key)?.[1] : undefined;
  return name !== undefined && name in VIEW_TOPICS ? (name as ViewName) : undefined;
};

const ME_TOPICS = ['house', 'people'];

let dueTopics = new Set<string>();
let dueAll = false;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Reads again every mounted view that lists one of the topics; all of them without topics. */
function revalidate(topics?: readonly string[]): void {
  if (topics) topics.forEach((topic) => dueTopics.add(topic));
  else dueAll = true;
  timer ??= setTimeout(() => {
    const [meeting, all] = [dueTopics, dueAll];
    [dueTopics, dueAll, timer] = [new Set(), false, undefined];
    // Who is signed in carries the house's rules and their own units: as live as any view.
    if (all || ME_TOPICS.some((topic) => meeting.has(topic))) void mutate(paths.me);
    void mutate((key) => {
      const view = keyOfView(key);
      return view !== undefined && (all || VIEW_TOPICS[view].some((topic) => meeting.has(topic)));
    });
  }, REVALIDATE_EVERY_MS);
}

export const outbox = makeOutbox({
  store: actStore,
  send: (act, maker) => postJson<{ seq: number }>(paths.journal, act, { [MAKER_HEADER]: maker }),
  onSaved: (_seq, { actId, entries }) => {
    tellSaved(actId);
    revalidate(entries.flatMap(({ kind }) => kinds[kind].topics));
  },
  onSignedOut: () => void mutate(paths.me),
});

/** Writes one act: all its entries or none. Shown at once, sent when it can be. */
export function record(...drafts: Draft[]): Promise<SendOutcome> & { actId: string } {
  const occurredAtMs = Math.round(houseNow());
  const act: Act = {
    actId: v7(),
    entries: drafts.map((draft) => writable({ id: v7(), version: versionOf(draft.kind), occurredAtMs, ...draft })),
  };
  return Object.assign(outbox.record(act), { actId: act.actId });
}

export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.getState);
}

/**
 * Acts that a view has not seen yet: unanswered, or recorded later than the view was read. One that was undone meanwhile is left out with its taking
 * back, so that undone means undone on every station, house or no house.
 */
export function unseenActs({ acts }: OutboxState, seenSeq: number): Act[] {
  const unseen = acts.filter((act) => act.state === 'waiting' || (act.state === 'saved' && (act.seq ?? 0) > seenSeq)).map(({ act }) => act);
  const ids = new Set(unseen.map(({ actId }) => actId));
  const undone = new Set(
    unseen.flatMap(({ entries }) => entries.flatMap((entry) => (entry.kind === 'entry.reversed' ? [entry.payload.act] : []))),
  );
  return unseen
    .filter(({ actId }) => !undone.has(actId))
    .map((act) => ({ ...act, entries: act.entries.filter((entry) => entry.kind !== 'entry.reversed' || !ids.has(entry.payload.act)) }))
    .filter(({ entries }) => entries.length > 0);
}

const readView = <V extends ViewName>(path: string): Promise<Views[V]> =>
  readOrSeen({ path, ask: () => askForView<V>(path), later: (view) => void mutate(path, view, { revalidate: false }) });

async function askForView<V extends ViewName>(path: string): Promise<Views[V]> {
  const view = await getJson<Views[V]>(path);
  // Read before our own last act was in it: once more, so that nothing we did seems undone.
  return view.seq < outbox.getState().lastSavedSeq ? getJson<Views[V]>(path) : view;
}

/** The journal's seq when the view at `key` was read; undefined while it is not there. */
const readAtSeq = (cache: Cache, key: string) => (cache.get(key)?.data as { seq?: number } | undefined)?.seq;

/** What opens although the house is away: what the frame shows, and every station. */
const AHEAD = [
  'stream',
  'running',
  'today',
  'dock',
  'bench',
  'rounds',
  'room',
  'quarantine',
  'moves',
  'species',
  'house',
  'logbook',
] as const;

/** Reads the stations' views ahead, so that they are there when the house is not: those that nobody has asked for yet, or not since `seq`. */
export function preloadViews(cache: Cache, seq = 0): void {
  for (const name of AHEAD) {
    const path = viewPath(name);
    if ((readAtSeq(cache, path) ?? -1) >= seq) continue;
    void readAhead(path);
  }
}

/** Only an answer is put there: a house that went away meanwhile must not take from a screen what it shows. */
const readAhead = (path: string): Promise<void> =>
  readView(path).then(
    (view) => void mutate(path, view, { revalidate: false }),
    () => undefined,
  );

/** `null` = nothing is asked for yet. */
export function useView<V extends ViewName>(name: V, query: Record<string, string> | null = {}) {
  return useSWR<Views[V], Error>(query && viewPath(name, query), readView<V>, { revalidateOnFocus: false, dedupingInterval: 100 });
}

/** What was being read when the stream opened has come by then, ms. */
const SETTLED_AFTER_MS = 800;

/** One live stream a visible tab: hears what changed, and reads everything again after a gap. */
export function useLive(onConnection: (connected: boolean) => void): void {
  const { cache } = useSWRConfig();
  useEffect(() => {
    let stream: EventSource | undefined;
    let again: ReturnType<typeof setTimeout> | undefined;
    let first = true;
    let opening = false;
    /** A page that has just been opened has just read its views: only if the house has gone on since, or was not there, once more. */
    const catchUp = (seq: number) => {
      const seen = [...cache.keys()].filter((key) => keyOfView(key) !== undefined).map((key) => readAtSeq(cache, key) ?? -1);
      if (pathsFromBefore().length > 0 || seen.some((viewSeq) => viewSeq < seq)) revalidate();
      for (const path of pathsFromBefore().filter((key) => keyOfView(key) !== undefined)) void readAhead(path);
    };
    const open = () => {
      clearTimeout(again);
      stream?.close();
      stream = undefined;
      if (document.visibilityState !== 'visible') return;
      stream = new EventSource(paths.live);
      stream.onopen = () => {
        onConnection(true);
        opening = true;
        if (!first) revalidate();
        void outbox.flush();
      };
      stream.onerror = () => {
        onConnection(false);
        // The browser tries again by itself after a broken line, but not after an answer that says no.
        if (stream?.readyState === EventSource.CLOSED) again = setTimeout(open, REOPEN_AFTER_MS);
      };
      stream.onmessage = (event: MessageEvent<string>) => {
        const { seq, topics, houseNowMs } = JSON.parse(event.data) as LiveMessage;
        if (houseNowMs !== undefined) hearHouseTime(houseNowMs);
        if (opening) {
          // After a gap what is in front is being read again already; what was read ahead is as old as the gap.
          const then = first ? catchUp : (seq: number) => preloadViews(cache, seq);
          setTimeout(() => then(seq), SETTLED_AFTER_MS);
          first = opening = false;
        }
        if (topics.length > 0) revalidate(topics);
      };
    };
    const online = () => void outbox.flush();
    const stopTabs = onSavedElsewhere((actId) => outbox.savedElsewhere(actId));
    const stopClock = onClockSet(() => void mutate(paths.me));
    open();
    document.addEventListener('visibilitychange', open);
    window.addEventListener('online', online);
    return () => {
      clearTimeout(again);
      stopClock();
      stopTabs();
      stream?.close();
      document.removeEventListener('visibilitychange', open);
      window.removeEventListener('online', online);
    };
  }, [onConnection, cache]);
}
