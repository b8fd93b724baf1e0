// Six silver monos on their way from 8 to 30 ppt: begun yesterday in the overflow bucket, watched through the night, still at it this morning.
import { STARTING_CONTROLS, inputOf, recipesFor } from '#core/bench/index.ts';
import { beginOf, STARTING_RUN_POLICY, type FollowedQuantity, type RunAction } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { setMeta } from '#server/db/meta.ts';
import { makeMeter } from '#server/devices/meter.ts';
import { tellLanding, tellList } from './crates.ts';
import type { StoryCrate } from './stock.ts';
import type { Said, Teller } from './teller.ts';

const CRATE: StoryCrate = {
  key: 'dun-cow-1',
  label: 'Dun Cow, monos',
  supplier: 'dun-cow',
  origin: 'bred',
  stated: { temperatureC: 24.5, salinityPpt: 8 },
  gPerL: 3,
  bags: [{ species: 'silver-mono', n: 6, box: 1, sizeCm: 4.5, tank: 'D5' }],
};
type At = (daysAgo: number, hour: number, minute?: number) => number;
export type Monos = { run: string };

/** The afternoon before: fetched, landed, the long conversion chosen and begun. */
export function beginMonos(teller: Teller, at: At): Monos {
  // Its salinity probe was set right yesterday morning and has drifted since.
  setMeta(
    teller.house.client,
    'device.meter',
    JSON.stringify({ setAtMs: { salinity: at(1, 9), pH: at(1, 9), temperature: at(1, 9), oxygen: at(1, 9) }, dips: 0 }),
  );
  const [bag] = tellList(teller, CRATE, { atMs: at(1, 17, 13), packedAtMs: at(1, 16, 20), promisedAtMs: at(1, 17, 13) });
  teller.tell(at(1, 17, 14), 'bram', { kind: 'crate.arrived', payload: { crate: CRATE.key, carton: 'dry' } });
  const landed = tellLanding(teller, CRATE, bag!, { atMs: at(1, 17, 15), who: 'bram', bagC: 24.6 });
  teller.tell(at(1, 17, 16), 'ines', {
    kind: 'bag.assigned',
    payload: { bag: landed.bag, lot: landed.lot, tank: 'D5' },
    overrules: [{ code: 'fit.saleBeforeQuarantine', reason: 'D5 shares no water and stands empty: they sit out their quarantine there' }],
  });
  const startMs = at(1, 17, 18);
  const card = teller.house.view('bench').bags.find((bag) => bag.bag === landed.bag)!;
  const controls = { ...STARTING_CONTROLS, floatFirst: false, bucketL: 12, air: 'gentle' as const };
  const { input } = inputOf({
    now: startMs,
    ambient: teller.house.settings().rules.ambient,
    controls,
    tank: card.system!,
    bag: {
      n: 6,
      lotBags: 1,
      sizeCm: card.sizeCm,
      packedAtMs: card.packedAtMs,
      waterL: card.waterL,
      soft: false,
      foul: false,
      transit: card.transit,
      stated: card.stated,
      readings: card.readings,
      kind: card.kind,
    },
  });
  const recipe = recipesFor({ ...input, controls }).find(({ method }) => method === 'long conversion')!;
  const begun = beginOf({
    recipe,
    bag: input.bag,
    tank: input.tank,
    lot: { ...input.lot, bags: 1 },
    bucketL: 12,
    equal: STARTING_RUN_POLICY,
  });
  // Its truth, which only the simulated meter knows, follows from its name: this one drifts as the scenario wants it.
  const run = 'monos-7';
  teller.tell(at(1, 17, 17), 'odalys', {
    kind: 'method.chosen',
    payload: { bag: landed.bag, lot: landed.lot, method: 'long conversion', advised: 'long conversion' },
  });
  const worked = (line: number, did: RunAction): Said => ({ kind: 'acclimation.actionTaken', payload: { run, line, did } });
  teller.tell(
    startMs,
    'odalys',
    {
      kind: 'acclimation.started',
      payload: {
        run,
        lot: landed.lot,
        tank: 'D5',
        from: [{ place: landed.bag, n: 6 }],
        vessel: { name: 'the overflow bucket', capacityL: 12, overflow: 'waste tub' },
        ...begun,
        watcher: 'odalys',
        checkEveryMin: 180,
      },
    },
    worked(0, { do: 'open' }),
    worked(1, { do: 'pour', bucketL: 12 }),
    worked(2, { do: 'air', level: 'gentle' }),
    worked(3, { do: 'stand' }),
  );
  open(teller, { run }, { stretch: 0, atMs: startMs + MINUTE_MS, who: 'odalys' });
  return { run };
}

/** One stretch of three hours opened up, a little off as taps are. */
function open(teller: Teller, { run }: Monos, { stretch, atMs, who }: { stretch: number; atMs: number; who: string }): void {
  const card = teller.house.view('bench').runs.find((card) => card.run === run)!;
  const line = card.started.plan.findIndex(({ do: does }) => does === 'run') + stretch;
  const step = card.started.plan[line]!;
  if (step.do !== 'run') throw new Error(`line ${line} of the monos' plan is no drip`);
  const mLPerMin = Math.round(step.mLPerMin * (0.96 + 0.08 * teller.chance()) * 10) / 10;
  teller.tell(atMs, who, {
    kind: 'acclimation.actionTaken',
    payload: { run, line, did: { do: 'flow', mLPerMin, low: mLPerMin * 0.7, high: mLPerMin * 1.3, from: 'taps' } },
  });
}

function read(
  teller: Teller,
  { run }: Monos,
  { atMs, who, quantities }: { atMs: number; who: string; quantities: readonly FollowedQuantity[] },
): void {
  const meter = makeMeter(teller.house);
  const said = quantities.flatMap((quantity): Said[] => {
    const shown = meter.read({ subject: { kind: 'run', id: run }, quantity, way: 'probe', now: atMs });
    if (!shown) return [];
    const { value, typed, method, instrument } = shown;
    return [
      {
        kind: 'reading.taken',
        payload: { subject: { kind: 'run', id: run }, quantity, reading: { value, typed, method, source: 'measured' }, instrument },
      },
    ];
  });
  teller.tell(atMs, who, ...said);
}

/** The night: opened up every three hours, handed to the night shift and back. */
export function watchMonos(teller: Teller, monos: Monos, at: At): void {
  open(teller, monos, { stretch: 1, atMs: at(1, 20, 19), who: 'odalys' });
  read(teller, monos, { atMs: at(1, 20, 22), who: 'odalys', quantities: ['salinity', 'temperature'] });
  teller.tell(at(1, 21, 48), 'odalys', {
    kind: 'acclimation.handedOver',
    payload: { run: monos.run, to: 'wim', note: 'two sit on the bottom, as expected on the first day' },
  });
  open(teller, monos, { stretch: 2, atMs: at(1, 23, 19), who: 'wim' });
  open(teller, monos, { stretch: 3, atMs: at(0, 2, 19), who: 'wim' });
  teller.tell(at(0, 2, 21), 'wim', { kind: 'acclimation.signSeen', payload: { run: monos.run, sign: 'sitting on the bottom', n: 2 } });
  open(teller, monos, { stretch: 4, atMs: at(0, 5, 19), who: 'wim' });
}

/** This morning: opened up once more, looked at, handed back. */
export function wakeMonos(teller: Teller, monos: Monos, atMs: number): void {
  teller.tell(atMs, 'wim', {
    kind: 'acclimation.checked',
    payload: {
      run: monos.run,
      fine: ['fish calm', 'air on', 'lid on', 'hose fast', 'tub not full'],
      wrong: [],
      note: 'all six up and looking',
    },
  });
  teller.tell(atMs + MINUTE_MS, 'wim', { kind: 'acclimation.handedOver', payload: { run: monos.run, to: 'odalys' } });
}
