// The bench's runs as this screen's own unanswered acts make them: begun, worked on, read and released at once.
import type { BenchView, RunCard } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { runDues, watchOf, type Fewer, type RunEvent, type RunReleased } from '#core/runs/index.ts';

export function withRun(view: BenchView, entry: Entry, by: string): BenchView {
  const mark = { entry: entry.id, atMs: entry.occurredAtMs, by };
  const change = (id: string, part: (run: RunCard) => Partial<RunCard>): BenchView => ({
    ...view,
    runs: view.runs.map((run) => (run.run === id ? settled({ ...run, ...part(run) }, view) : run)),
  });
  const happened = (id: string, event: RunEvent) => change(id, ({ events }) => ({ events: [...events, event] }));
  switch (entry.kind) {
    case 'acclimation.started':
      return begun(view, entry, by);
    case 'acclimation.actionTaken': {
      const { run, ...facts } = entry.payload;
      return happened(run, { ...mark, what: 'worked', ...facts });
    }
    case 'acclimation.signSeen': {
      const { run, ...facts } = entry.payload;
      return happened(run, { ...mark, what: 'noticed', ...facts });
    }
    case 'acclimation.checked': {
      const { run, ...facts } = entry.payload;
      return happened(run, { ...mark, what: 'checked', ...facts });
    }
    case 'acclimation.handedOver': {
      const { run, ...facts } = entry.payload;
      return happened(run, { ...mark, what: 'handed', ...facts });
    }
    case 'reading.taken': {
      const { subject, quantity, reading, instrument } = entry.payload;
      const { value, typed, method } = reading;
      if (subject.kind === 'system') {
        const since = { atMs: mark.atMs, water: { [quantity]: reading.value }, instrument };
        return {
          ...view,
          runs: view.runs.map((run) => (run.tank.system === subject.id ? { ...run, tankSince: [...run.tankSince, since] } : run)),
        };
      }
      return change(subject.id, ({ readings }) => ({ readings: [...readings, { ...mark, quantity, value, typed, method, instrument }] }));
    }
    case 'meter.checked': {
      const check = { ...mark, ...entry.payload };
      return { ...view, runs: view.runs.map((run) => ({ ...run, meterChecks: [...run.meterChecks, check] })) };
    }
    case 'acclimation.released':
      return lettingGo(view, entry.payload, { change, mark });
    case 'loss.recorded': {
      const { place, n } = entry.payload;
      return change(place, (run) => ({ n: run.n - n, fewer: [...run.fewer, { ...mark, n, how: 'dead' }] }));
    }
    default:
      return view;
  }
}

type Change = (id: string, part: (run: RunCard) => Partial<RunCard>) => BenchView;
type Mark = { entry: string; atMs: number; by: string };

/** The last of them end it; while some stay it goes on with those. */
function lettingGo(view: BenchView, released: RunReleased, { change, mark }: { change: Change; mark: Mark }): BenchView {
  const { run: id, into, dead, remaining } = released;
  if (!remaining) return { ...view, runs: view.runs.filter(({ run }) => run !== id) };
  const alive = into.reduce((sum, { n }) => sum + n, 0);
  const gone: Fewer[] = [
    ...(dead > 0 ? [{ ...mark, n: dead, how: 'dead' as const }] : []),
    ...(alive > 0 ? [{ ...mark, n: alive, how: 'released' as const }] : []),
  ];
  return change(id, ({ fewer }) => ({ n: remaining, holdKnown: true, fewer: [...fewer, ...gone] }));
}

/** What follows from what is known of it: due things, who watches. */
function settled(run: RunCard, { people }: Pick<BenchView, 'people'>): RunCard {
  const watch = watchOf(run);
  const watcher = watch && { id: watch.who, name: people.find(({ id }) => id === watch.who)?.name ?? watch.who };
  return { ...run, watcher, dues: runDues(run, run.end?.atMs) };
}

function begun(view: BenchView, entry: Extract<Entry, { kind: 'acclimation.started' }>, by: string): BenchView {
  const started = entry.payload;
  if (view.runs.some(({ run }) => run === started.run)) return view;
  const taken = new Set(started.from.map(({ place }) => place));
  const bag = view.bags.find((bag) => taken.has(bag.bag));
  // Fish out of a tank: the house's answer tells of them.
  if (!bag?.system || !bag.tank) return view;
  const run: RunCard = {
    entry: entry.id,
    run: started.run,
    method: started.method,
    lot: started.lot,
    lotLabel: bag.lotLabel,
    by,
    n: started.from.reduce((sum, { n }) => sum + n, 0),
    kind: bag.kind && { is: bag.kind.is, tolerance: bag.kind.tolerance, salinityPpt: bag.kind.salinityPpt },
    tank: { ...bag.tank, purpose: bag.system.purpose, type: bag.system.type, system: bag.system.id },
    from: started.from.map(({ place, n }) => ({ place, n, label: view.bags.find((bag) => bag.bag === place)?.label ?? place })),
    holdKnown: bag.holdKnown,
    startedAtMs: entry.occurredAtMs,
    started,
    events: [],
    readings: [],
    meterChecks: [],
    tankSince: [],
    fewer: [],
    dues: [],
    pages: [],
  };
  const runs = [...view.runs, settled(run, view)];
  return {
    ...view,
    runs,
    bags: view.bags.filter((bag) => !taken.has(bag.bag)),
    floats: view.floats.filter((float) => !taken.has(float.bag)),
  };
}
