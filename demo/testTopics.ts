// For the test of the story. What a kind makes stale is found out here, not believed: while the demo is told, views are read before and after acts of every kind, and of its
// undoing; one that changed must list a topic of the kind. Kinds that the story does not tell are made from the schemas, until the house takes one.
import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { examples, KINDS, kinds, versionOf } from '#contract/kinds.ts';
import { VIEW_NAMES, VIEW_TOPICS, type ViewName } from '#contract/views.ts';
import type { Act, Entry, Kind, Payloads } from '#core/catalogue/index.ts';
import { makeChance } from '#core/chance/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { isSettledByHand } from '#core/today/index.ts';
import type { RunningHouse } from '#server/house/house.ts';
import { appendKnowingly } from '#server/house/knowingly.ts';
import { makeActs } from '#server/testActs.ts';
import type { TestHouse } from '#server/testHouse.ts';

const LEAD = { id: 'ines', role: 'lead' } as const;
/** Of acts with the same kinds, the first, the third and so on are looked at. */
const LOOKED_AT = new Set([1, 3]);
/** Acts made from schemas that are tried until one of a kind is taken. */
const TRIES = 500;
/** Only the house itself sends pages, and PINs are set at the door: neither can be made here. */
const NOT_MADE: readonly Kind[] = ['page.sent'];

type Reading = { view: ViewName; query: Record<string, string>; said: string };
const idsIn = (value: unknown): string[] =>
  typeof value === 'string' ? [value] : value !== null && typeof value === 'object' ? Object.values(value).flatMap(idsIn) : [];

/** Every view, those of a tank or a lot for what the act names. */
function readAll(house: RunningHouse, act: Act): Reading[] {
  const ids = [...new Set(idsIn(act.entries.map(({ payload }) => payload)))];
  const known = (table: string) => ids.filter((id) => house.client.prepare(`select 1 from ${table} where id = ?`).get(id)).slice(0, 4);
  const queries: { view: ViewName; query: Record<string, string> }[] = [
    ...VIEW_NAMES.filter((view) => !['tank', 'lot', 'find'].includes(view)).map((view) => ({ view, query: {} })),
    ...known('p_tank').map((id) => ({ view: 'tank' as const, query: { tank: id } })),
    ...known('p_lot').map((id) => ({ view: 'lot' as const, query: { lot: id } })),
    { view: 'find', query: { q: 'clown' } },
  ];
  return queries.map(({ view, query }) => {
    const { seq: _seq, ...rest } = house.view(view, query) as { seq: number };
    return { view, query, said: JSON.stringify(rest) };
  });
}

const key = ({ view, query }: Reading) => `${view} ${JSON.stringify(query)}`;
const changedViews = (before: Reading[], after: Reading[]): ViewName[] => {
  const was = new Map(before.map((reading) => [key(reading), reading.said]));
  return [...new Set(after.filter((reading) => was.has(key(reading)) && was.get(key(reading)) !== reading.said).map(({ view }) => view))];
};

const untold = new Set<string>();
const seen = new Map<string, number>();
const takenKinds = new Set<Kind>();

function noteUntold(written: readonly Kind[], changed: readonly ViewName[]): void {
  const topics = new Set(written.flatMap((kind) => kinds[kind].topics));
  for (const view of changed)
    if (!VIEW_TOPICS[view].some((topic) => topics.has(topic))) untold.add(`${written.join(' + ')} changes ${view}`);
}

/** Looks at acts as they are written, and at some of them being undone. */
let house: RunningHouse;
let unwatched: RunningHouse['append'];
export function watchTopics(told: RunningHouse): void {
  house = told;
  const { append } = house;
  unwatched = append;
  house.append = (act, actor) => {
    const written = [...new Set(act.entries.map(({ kind }) => kind))].sort();
    const name = written.join(' + ');
    const nth = (seen.get(name) ?? 0) + 1;
    if (!LOOKED_AT.has(nth)) {
      const outcome = append(act, actor);
      if (outcome.ok) seen.set(name, nth);
      return outcome;
    }
    const before = readAll(house, act);
    const outcome = append(act, actor);
    if (!outcome.ok) return outcome;
    seen.set(name, nth);
    written.forEach((kind) => takenKinds.add(kind));
    noteUntold(written, changedViews(before, readAll(house, act)));
    if (nth === 1) noteMissing(house, act);
    if (nth === 1) noteUndoing(house, act, append);
    return outcome;
  };
}

const missing = new Set<string>();
/** A tank or a lot that an entry names has it in its history, unless its kind says why not. */
function noteMissing(house: RunningHouse, act: Act): void {
  for (const { id: entry, kind, payload } of act.entries)
    for (const [table, view] of [
      ['p_tank', 'tank'],
      ['p_lot', 'lot'],
    ] as const)
      for (const id of new Set(idsIn(payload)).values()) {
        if (!house.client.prepare(`select 1 from ${table} where id = ?`).get(id)) continue;
        const { timeline, names } = house.view(view, { [view]: id });
        const told = timeline.some((timelineEntry) => timelineEntry.id === entry);
        if (!told && !kinds[kind].notInHistory) missing.add(`${kind} in the history of a ${view}`);
        if (told && names[id] === undefined) missing.add(`the name of a ${view} in ${kind}`);
      }
}

/** Taken back and looked at, then the taking back undone by the database: the story goes on as if nothing had been. */
function noteUndoing(house: RunningHouse, act: Act, append: RunningHouse['append']): void {
  if (act.entries.some(({ kind }) => kinds[kind].undo === 'never')) return;
  const before = readAll(house, act);
  const inside = house.client.inTransaction;
  if (!inside) house.client.exec('begin immediate');
  house.client.exec('savepoint undoing');
  const undo = { id: v7(), kind: 'entry.reversed', version: 1, occurredAtMs: house.clock.now(), payload: { act: act.actId } } as Entry;
  if (append({ actId: v7(), entries: [undo] }, LEAD).ok) noteUntold(['entry.reversed'], changedViews(before, readAll(house, act)));
  house.client.exec('rollback to undoing; release undoing');
  if (!inside) house.client.exec('rollback');
}

/** Reading every view for each try would take an hour. */
function wouldBeTaken(act: Act): boolean {
  if (!checkAct(act).ok) return false;
  house.client.exec('begin immediate');
  try {
    return appendKnowingly({ ...house, append: unwatched }, act, LEAD).ok;
  } finally {
    house.client.exec('rollback');
  }
}

const row = <Row>(sql: string): Row => house.client.prepare(sql).get() as Row;
const aDue = () => house.view('today').due.find(({ rule }) => isSettledByHand(rule))!.id;
/** What no chance hits: things that have to fit each other. */
const BY_HAND: { [K in Kind]?: () => Payloads[K] } = {
  'due.done': () => ({ due: aDue() }),
  'due.snoozed': () => ({ due: aDue(), untilMs: house.clock.now() + HOUR_MS, why: 'the van is here' }),
  'due.skipped': () => ({ due: aDue(), why: 'seen from the door' }),
  'shift.taken': () => row<{ shift: string }>('select id shift from p_shift limit 1'),
  'order.dropped': () => ({ ...row<{ order: string }>('select id "order" from p_order limit 1'), why: 'none before spring' }),
  'wish.dropped': () => ({ ...row<{ wish: string }>('select id wish from p_wish limit 1'), why: 'bought elsewhere' }),
  'systems.joined': () => {
    const { from, into } = row<{ from: string; into: string }>(
      'select w.id "from", v.id "into" from p_system w join p_system v on v.type = w.type and v.id > w.id order by 1, 2 limit 1',
    );
    return {
      from,
      into,
      tanks: house.client.prepare('select id from p_tank where system = ?').pluck().all(from) as string[],
      volumeL: 500,
    };
  },
  'lot.joined': () => {
    const { lot, place, n } = row<{ lot: string; place: string; n: number }>(
      'select b.lot, b.place, b.n from p_balance b join p_tank t on t.id = b.place where b.n > 3 and not exists (select 1 from p_quarantine h where h.lot = b.lot) order by 1 limit 1',
    );
    const child = v7();
    take('lot.split', { lot, child, label: 'the small ones', place, n: n - 2, why: 'followed singly' });
    return { lot: child, into: lot, place, n: n - 2, why: 'one crate after all' };
  },
  'lot.named': () => {
    const [bag, lot, label] = [v7(), v7(), 'a surprise'];
    const { crate } = row<{ crate: string }>('select crate from p_arrival order by at_ms desc limit 1');
    const { newBag, newLot, ...landing } = examples['bag.landed'];
    take('bag.landed', { ...landing, bag, lot, crate, newBag, newLot: { ...newLot!, label } });
    return { lot, label, species: row<{ id: string }>('select id from p_species limit 1').id };
  },
  'loss.classed': () => ({
    ...examples['loss.classed'],
    loss: row<{ entry: string }>('select entry from p_loss where voided_by is null order by at_ms desc limit 1').entry,
  }),
  'acclimation.released': () => {
    const { run, lot, tank, n } = row<{ run: string; lot: string; tank: string; n: number }>(
      'select r.id run, r.lot, r.tank, b.n from p_bench_run r join p_balance b on b.place = r.id and b.n > 0',
    );
    if (!house.client.prepare('select 1 from p_quarantine where lot = ?').get(lot))
      take('quarantine.opened', { quarantine: v7(), lot, policy: house.settings().rules.quarantine.marine, zero: 'arrival' });
    return { ...examples['acclimation.released'], run, lot, into: [{ tank, n }] };
  },
};
const entryOf = (kind: Kind, payload: unknown) =>
  ({ id: v7(), kind, version: versionOf(kind), occurredAtMs: house.clock.now(), payload }) as Entry;
/** Taken by a lead, with a reason for whatever stands against it. */
function take<K extends Kind>(kind: K, payload: Payloads[K]): void {
  const entry = entryOf(kind, payload);
  const refused = house.append({ actId: v7(), entries: [entry] }, LEAD);
  if (refused.ok) return;
  const overrules = refused.refusals.map(({ code }) => ({ code, reason: 'for the test', size: 1e6 }));
  const outcome = house.append({ actId: v7(), entries: [{ ...entry, overrules }] }, LEAD);
  if (!outcome.ok) throw new Error(`${kind} was refused: ${JSON.stringify(outcome.refusals)}`);
}

export const untoldChanges = (): string[] => [...untold].sort();
export const missingInHistory = (): string[] => [...missing].sort();
export const kindsLeft = (): Kind[] => KINDS.filter((kind) => !takenKinds.has(kind) && !NOT_MADE.includes(kind));

/** Kinds that the story has not told, by hand or by chance. The story is over then: this writes on in its house. */
export function tellTheRest(): void {
  const makeEntry = makeActs(Object.assign(house, { now: () => house.clock.now() }) as unknown as TestHouse, makeChance(7));
  for (const kind of kindsLeft()) if (BY_HAND[kind]) take(kind, BY_HAND[kind]());
  for (const kind of kindsLeft())
    for (let tries = 0; tries < TRIES && !takenKinds.has(kind); tries += 1) {
      const act = { actId: v7(), entries: [entryOf(kind, makeEntry(kind).payload)] };
      if (wouldBeTaken(act)) appendKnowingly(house, act, LEAD);
    }
}
