// One open house: database, clock, journal and views put together. No HTTP here; seeding, tests and the app share it.
import type { Topic } from '#contract/basics/topics.ts';
import type { House as HouseView, MeView } from '#contract/views.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import type { HouseClock } from '../clock/clock.ts';
import { makeAsk, pick } from '../db/ask.ts';
import { findMeta } from '../db/meta.ts';
import { openHouse, type House } from '../db/open.ts';
import * as t from '../db/tables.ts';
import { makeAppend, type Appended } from '../journal/append.ts';
import { makeProject } from '../journal/project.ts';
import { remakeProjections } from '../journal/replay.ts';
import { makeHouseState } from '../journal/state.ts';
import { makeJournalStore } from '../journal/store.ts';
import { makeReadView } from '../views/index.ts';

export type RunningHouse = ReturnType<typeof startHouse>;
/** `makeClock` gets the open house: a demo's clock goes on from what the house remembers. */
type Options = { file: string; makeClock: (house: House) => HouseClock; log?: (line: string) => void };

/** Opens the house, remakes its projections when they are of another version, and gives all that may be done with it. */
export function startHouse({ file, makeClock, log = () => undefined }: Options) {
  const house = openHouse(file);
  if (house.stale) {
    const done = remakeProjections(house, (n) => log(`remaking views from the journal: ${n} entries`));
    if (done > 0) log(`remade views from ${done} entries`);
  }
  const { client, db } = house;
  const clock = makeClock(house);
  const store = makeJournalStore(db);
  const listeners = new Set<(what: Appended) => void>();
  const append = makeAppend({
    client,
    store,
    clock,
    state: makeHouseState(client, store),
    project: makeProject(client, db),
    onAppended: (what) => listeners.forEach((listener) => listener(what)),
  });
  const settings = makeAsk(client).get(pick(t.house, 'name', 'zone', 'rules'), 'select name, zone, rules from p_house');
  const anyCrate = makeAsk(client).get(pick(t.arrival, 'crate'), 'select crate from p_arrival limit 1');
  const demo = findMeta(client, 'demo') !== undefined;

  function settingsNow(): HouseView {
    const row = settings();
    const rules = row?.rules ?? STARTING_RULES;
    return { name: row?.name ?? 'A new house', zone: row?.zone ?? 'UTC', rules, demo, ...(anyCrate() ? {} : { isNew: true as const }) };
  }

  const readView = makeReadView(client);
  return {
    ...house,
    store,
    clock,
    append,
    settings: settingsNow,
    view: <V extends Parameters<typeof readView>[0]>(name: V, query: Record<string, string | undefined> = {}) => {
      const { zone, rules } = settingsNow();
      return readView(name, { now: clock.now(), zone, rules, query });
    },
    clockView: (): MeView['clock'] => ({ nowMs: clock.now(), frozen: clock.frozen }),
    /** Calls back after each commit; gives the way to stop. */
    onAppended(listener: (what: { seq: number; topics: Topic[] }) => void): () => void {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    close: () => void client.close(),
  };
}
