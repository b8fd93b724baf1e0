// Acts laid over a view one after the other, for tests of stations.
import type { ViewName, Views } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import type { Overlay } from './overlay.ts';

export const MAKER = { by: 'Bram', codeOf: (tank: string) => `code of ${tank}` };

export const laidOver = <V extends ViewName>(overlay: Overlay<V>, view: Views[V], acts: readonly Act[]): Views[V] =>
  acts.reduce((now, act) => overlay(now, act, MAKER), view);
