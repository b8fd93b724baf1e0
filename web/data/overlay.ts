// What a screen shows before the house has answered: the view with this browser's own acts laid over it, and without those of them that were undone. What each act
// makes of a view stands beside its station, one function a view; here they are laid on, remembered, and taken off again.
import { viewPath } from '#contract/paths.ts';
import type { ViewName, Views } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import { unseenActs, useOutbox, useView } from './house.ts';
import { useMe } from './me.ts';
import { revert } from './revert.ts';
import { useTankCodes } from './tankCodes.ts';

/** Who did it, as views name them, and what a tank is called: what the house would add. */
export type Maker = { by: string; codeOf: (tank: string) => string };
export type Overlay<V extends ViewName> = (view: Views[V], act: Act, maker: Maker) => Views[V];

type Pair = { before: unknown; after: unknown };
/** So many acts can be undone at once on the screen; older ones wait for the house. */
const MOST_PAIRS = 60;

/** Lays acts over the views of one page, and takes off what is undone: an act that the view has seen is taken off by what it once did to it. */
export function makeLayers() {
  const pairs = new Map<string, Pair>();
  const remember = (key: string, pair: Pair) => {
    if (pairs.has(key)) return;
    pairs.set(key, pair);
    if (pairs.size > MOST_PAIRS) pairs.delete(pairs.keys().next().value!);
  };
  /** `key` = the view and what was asked of it: the evening's round is another than the morning's. */
  return function layered<V extends ViewName>(
    key: string,
    view: Views[V],
    overlay: { acts: readonly Act[]; overlay: Overlay<V>; maker: Maker },
  ): Views[V] {
    return overlay.acts.reduce((now, act) => {
      const undone = act.entries.flatMap((entry) => (entry.kind === 'entry.reversed' ? [entry.payload.act] : []));
      const without = undone.reduce((shown, actId) => {
        const pair = pairs.get(`${key} ${actId}`);
        return pair ? revert(shown, pair.before as Views[V], pair.after as Views[V]) : shown;
      }, now);
      const shown = overlay.overlay(without, act, overlay.maker);
      if (undone.length === 0) remember(`${key} ${act.actId}`, { before: now, after: shown });
      return shown;
    }, view);
  };
}

const layered = makeLayers();

/** A view as this browser's own unanswered acts make it; `shown` is undefined until the house has answered once. */
export function useShown<V extends ViewName>(name: V, overlay: Overlay<V>, query: Record<string, string> = {}) {
  const answer = useView(name, query);
  const outbox = useOutbox();
  const { person } = useMe();
  const codeOf = useTankCodes();
  const { data } = answer;
  const acts = data && unseenActs(outbox, (data as { seq: number }).seq);
  return { ...answer, shown: data && acts && layered(viewPath(name, query), data, { acts, overlay, maker: { by: person.name, codeOf } }) };
}
