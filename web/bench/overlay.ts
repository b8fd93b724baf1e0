// The bench as this screen's own unanswered acts make it: a float runs and a reading counts at once, let-go fish are gone at once.
import type { Afloat, BenchBag, BenchView } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import type { Overlay } from '../data/overlay.ts';
import { withRun } from '../runs/overlay.ts';

export const overlayBench: Overlay<'bench'> = (view, { actId, entries }, { by }) =>
  entries.reduce((bench, entry) => apply(inClean(bench, entry, { actId, by }), entry, by), view);

/** Another water, and no float any more. */
function inClean(view: BenchView, entry: Entry, by: { actId: string; by: string }): BenchView {
  if (entry.kind !== 'cleanWater.given') return view;
  const { bag, vessel, litres, temperature, salinity } = entry.payload;
  const clean = { ...by, atMs: entry.occurredAtMs, vessel, litres, temperature, salinity };
  return {
    ...view,
    floats: view.floats.filter((run) => run.bag !== bag),
    bags: view.bags.map((card) => (card.bag === bag ? { ...card, afloat: false, clean } : card)),
  };
}

function apply(view: BenchView, entry: Entry, by: string): BenchView {
  if (entry.kind === 'fish.released') {
    const { bag } = entry.payload;
    return { ...view, bags: view.bags.filter((card) => card.bag !== bag), floats: view.floats.filter((run) => run.bag !== bag) };
  }
  if (entry.kind === 'method.chosen') {
    const { bag, method, advised, why } = entry.payload;
    const chosen = { method, advised, why, by, atMs: entry.occurredAtMs };
    return { ...view, bags: view.bags.map((card) => (card.bag === bag ? { ...card, chosen } : card)) };
  }
  if (entry.kind === 'reading.taken') {
    const { subject, quantity, reading } = entry.payload;
    const read = { [quantity]: { value: reading.value, method: reading.method, source: reading.source, atMs: entry.occurredAtMs } };
    const bags = view.bags.map((bag) => readInto(bag, subject, read));
    return withRun({ ...view, bags }, entry, by);
  }
  if (entry.kind !== 'float.started') return withRun(view, entry, by);
  const { bag, floatId: id, tank, n, minutes, bagTemperature, tankTemperature, water } = entry.payload;
  const card = view.bags.find((card) => card.bag === bag);
  if (!card || view.floats.some(({ floatId }) => floatId === id)) return view;
  const run: Afloat = {
    floatId: id,
    bag,
    bagLabel: card.label,
    crate: card.crate,
    lotLabel: card.lotLabel,
    n,
    tank,
    tankCode: card.tank?.code ?? tank,
    by,
    startedAtMs: entry.occurredAtMs,
    dueAtMs: entry.occurredAtMs + Math.round(minutes * MINUTE_MS),
    bagC: bagTemperature.value,
    bagMethod: bagTemperature.method,
    tankC: tankTemperature.value,
    waterL: water.value,
  };
  return { ...view, floats: [...view.floats, run], bags: view.bags.map((card) => (card.bag === bag ? { ...card, afloat: true } : card)) };
}

function readInto(bag: BenchBag, { kind, id }: { kind: 'bag' | 'system' | 'run'; id: string }, read: BenchBag['readings']): BenchBag {
  if (kind === 'bag') return bag.bag === id ? { ...bag, readings: { ...bag.readings, ...read } } : bag;
  return bag.system?.id === id ? { ...bag, system: { ...bag.system, readings: { ...bag.system.readings, ...read } } } : bag;
}
