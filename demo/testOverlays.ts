// For the test of the story. What screens show before the house has answered is held against what it then says: while the demo is told, each station's overlay is laid over
// its view as it was, and all that it changed must be what the view says afterwards; the same for an act that is undone.
import { v7 } from 'uuid';
import type { ViewName, Views } from '#contract/views.ts';
import type { Act, Kind } from '#core/catalogue/index.ts';
import type { RunningHouse } from '#server/house/house.ts';
import { overlayChores } from '#web/chores/overlay.ts';
import { overlayBench } from '#web/bench/overlay.ts';
import { makeLayers, type Overlay } from '#web/data/overlay.ts';
import { nameIn } from '#web/data/revert.ts';
import { overlayDock } from '#web/dock/overlay.ts';
import { overlayPrepare } from '#web/prepare/overlay.ts';
import { overlayRounds } from '#web/rounds/overlay.ts';
import { overlayToday } from '#web/today/group.ts';

const OVERLAYS: { [V in ViewName]?: Overlay<V> } = {
  dock: overlayDock,
  bench: overlayBench,
  rounds: overlayRounds,
  chores: overlayChores,
  prepare: overlayPrepare,
  today: overlayToday,
};
type Overlaid = 'dock' | 'bench' | 'rounds' | 'chores' | 'today';
const NAMES = Object.keys(OVERLAYS) as Overlaid[];

type Plain = Record<string, unknown>;
const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null && !Array.isArray(value);
const same = (overlaid: unknown, answered: unknown) => JSON.stringify(overlaid) === JSON.stringify(answered);

/** Places where a screen showed something of its own making that the house does not say. */
function lies(before: unknown, shown: unknown, then: unknown, path = ''): string[] {
  if (same(before, shown) || same(shown, then)) return [];
  if (Array.isArray(before) && Array.isArray(shown) && Array.isArray(then)) {
    const nameOf = nameIn(before, shown, then);
    if (nameOf) {
      const [was, is, comes] = [before, shown, then].map((list) => new Map(list.map((value) => [nameOf(value), value] as const)));
      return [...new Set([...was!.keys(), ...is!.keys()])].flatMap((name) =>
        lies(was!.get(name), is!.get(name), comes!.get(name), `${path}[]`),
      );
    }
  }
  if (isPlain(shown) && isPlain(then))
    return Object.keys({ ...(isPlain(before) ? before : {}), ...shown }).flatMap((key) =>
      lies(isPlain(before) ? before[key] : undefined, shown[key], then[key], path ? `${path}.${key}` : key),
    );
  return [`${path}: shown ${JSON.stringify(shown)?.slice(0, 80)}, then ${JSON.stringify(then)?.slice(0, 80)}`];
}

const found = new Map<string, string>();
const shownKinds = new Map<string, number>();
/** Acts of the same kinds that are laid over: the first ones. */
const OF_EACH = 3;

export function watchOverlays(house: RunningHouse): void {
  const { append } = house;
  const seen = new Map<string, number>();
  const layered = makeLayers();
  const nameOf = house.client.prepare('select name from p_person where id = ?').pluck();
  const codes = house.client.prepare('select code from p_tank where id = ?').pluck();
  const read = (): Partial<Views> => Object.fromEntries(NAMES.map((name) => [name, house.view(name, {})]));
  house.append = (act, actor) => {
    const written = [...new Set(act.entries.map(({ kind }) => kind))].sort().join(' + ');
    const nth = (seen.get(written) ?? 0) + 1;
    if (nth > OF_EACH) return append(act, actor);
    const before = read();
    const outcome = append(act, actor);
    if (!outcome.ok) return outcome;
    seen.set(written, nth);
    const maker = { by: (nameOf.get(actor.id) as string | undefined) ?? actor.id, codeOf: (tank: string) => codes.get(tank) as string };
    const lay = (views: Partial<Views>, laid: Act) =>
      Object.fromEntries(
        NAMES.map((name) => [
          name,
          layered<Overlaid>(name, views[name]!, { acts: [laid], overlay: OVERLAYS[name] as Overlay<Overlaid>, maker }),
        ]),
      );
    const shown = lay(before, act);
    const after = read();
    note(written, { before, shown, after });
    undone(house, { act, after, append, lay, read });
    return outcome;
  };
}

type Three = { before: Partial<Views>; shown: Partial<Views>; after: Partial<Views> };
function note(what: string, { before, shown, after }: Three): void {
  for (const name of NAMES) {
    if (same(before[name], shown[name])) continue;
    shownKinds.set(`${what} on ${name}`, (shownKinds.get(`${what} on ${name}`) ?? 0) + 1);
    for (const lie of lies({ ...before[name], seq: 0 }, { ...shown[name], seq: 0 }, { ...after[name], seq: 0 })) {
      const [path] = lie.split(': shown');
      found.set(`${what} on ${name}: ${path}`, lie);
    }
  }
}

type Undoing = {
  act: Act;
  after: Partial<Views>;
  append: RunningHouse['append'];
  lay: (views: Partial<Views>, act: Act) => Partial<Views>;
  read: () => Partial<Views>;
};
/** Undone and compared, then put back by the database: the story goes on as if nothing had been. */
function undone(house: RunningHouse, { act, after, append, lay, read }: Undoing): void {
  const inside = house.client.inTransaction;
  if (!inside) house.client.exec('begin immediate');
  house.client.exec('savepoint undoing');
  const undo: Act = {
    actId: v7(),
    entries: [{ id: v7(), kind: 'entry.reversed', version: 1, occurredAtMs: house.clock.now(), payload: { act: act.actId } }],
  };
  const kinds = [...new Set(act.entries.map(({ kind }) => kind))].sort();
  if (append(undo, { id: 'ines', role: 'lead' }).ok)
    note(`undone: ${kinds.join(' + ')}`, { before: after, shown: lay(after, undo), after: read() });
  house.client.exec('rollback to undoing; release undoing');
  if (!inside) house.client.exec('rollback');
}

/** Kinds whose undoing was shown on a station that had seen them already. */
export const undoneKinds = (): string[] => [...shownKinds.keys()].filter((key) => key.startsWith('undone: ')).sort();

/** What was shown and did not come true, and how many kinds showed anything at all on any station. */
export const overlayLies = (): string[] => [...found].map(([key, lie]) => `${key} — ${lie}`).sort();
export const overlaidKinds = (): ReadonlySet<Kind> =>
  new Set([...shownKinds.keys()].flatMap((key) => key.replace(/^undone: | on \w+$/g, '').split(' + ') as Kind[]));
