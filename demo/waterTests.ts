// Tests of water in the story: the kits of the house, ripe filters of the display, the old test book written in by the lead, and a hold tank whose ammonia was
// answered last evening and is to be read again.
import { makeChance } from '#core/chance/index.ts';
import type { KitFields, Quantity } from '#core/water/index.ts';
import type { Said, Teller } from './teller.ts';

type Story = { teller: Teller; at: (daysAgo: number, hour: number, minute?: number) => number };

const KITS: readonly (KitFields & { id: string })[] = [
  { id: 'kit-ammonia', name: 'ammonia drops', quantity: 'ammonia', form: 'total NH4', most: 8 },
  { id: 'kit-ammonia-photo', name: 'photometer', quantity: 'ammonia', form: 'total N', most: 3 },
  { id: 'kit-badge', name: 'ammonia badge', quantity: 'free ammonia', form: 'free NH3', most: 0.5 },
  { id: 'kit-nitrite', name: 'nitrite drops', quantity: 'nitrite', form: 'NO2', most: 5 },
  { id: 'kit-nitrate', name: 'nitrate drops', quantity: 'nitrate', form: 'NO3', most: 160 },
  { id: 'kit-copper', name: 'copper drops', quantity: 'copper', form: 'ionic copper', most: 2 },
  { id: 'kit-pen', name: 'pH pen', quantity: 'pH' },
  { id: 'kit-meter', name: 'bench meter', quantity: 'salinity' },
];
const DISPLAY = ['alder-1', 'birch-1', 'cove-1'];
/** Its own hands write of the last days. */
const OWN_WORD_DAYS = 7;
const DAYS = 118;
const SEED = 1207;

export function tellWaterTests({ teller, at }: Story): void {
  const now = at(0, 7, 39);
  const chance = makeChance(SEED);
  const about = (value: number, by: number) => value * (1 - by + 2 * by * chance());
  for (const { id, ...kit } of KITS) teller.tell(now, 'ines', { kind: 'kit.added', payload: { kit: id, ...kit }, whenMs: at(DAYS, 9) });
  const drops = teller.house.view('waterTests').kits.find(({ id }) => id === 'kit-nitrite')!;
  teller.tell(now, 'ines', {
    kind: 'kit.changed',
    payload: { kit: drops.id, basedOn: drops.entry, fields: { goodUntilMs: at(-200, 12) } },
  });
  for (const system of DISPLAY)
    teller.tell(now, 'ines', {
      kind: 'filter.judged',
      payload: { system, is: 'ripe', note: 'has run for years' },
      whenMs: at(DAYS, 9),
    });
  const read = (
    system: string,
    quantity: Quantity,
    value: number,
    { kit, typed, whenMs }: { kit: string; typed: string; whenMs: number },
  ): Said => ({
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'system', id: system },
      quantity,
      reading: { value, typed, method: quantity === 'pH' || quantity === 'salinity' ? 'meter' : 'test', source: 'measured' },
      kit,
    },
    whenMs,
  });
  const { systems } = teller.house.view('waterTests');
  for (const { id, type, set } of systems) {
    const isDisplay = DISPLAY.includes(id);
    const everyDays = isDisplay ? 7 : 4;
    for (let daysAgo = isDisplay ? DAYS - 2 : 30; daysAgo >= 1; daysAgo -= everyDays) {
      const whenMs = at(daysAgo, 10, 20);
      // Drops until spring, the photometer since.
      const isPhoto = isDisplay && daysAgo < 60;
      const shown = Number((chance() < 0.7 ? 0 : about(0.2, 0.5)).toFixed(2));
      const pH = Number(about(type === 'marine' ? 8.1 : type === 'brackish' ? 7.9 : 7.1, 0.015).toFixed(2));
      const nitrite = Number((chance() < 0.8 ? 0 : about(0.1, 0.6)).toFixed(2));
      const nitrate = Math.round(about(20, 0.4));
      const salinity = Number(about(set.salinityPpt, 0.012).toFixed(1));
      teller.tell(
        now,
        daysAgo >= OWN_WORD_DAYS ? 'ines' : 'odalys',
        read(id, 'ammonia', isPhoto ? shown : shown / 1.288, {
          kit: isPhoto ? 'kit-ammonia-photo' : 'kit-ammonia',
          typed: `${shown} ${isPhoto ? 'N' : 'NH4'}`,
          whenMs,
        }),
        read(id, 'nitrite', nitrite, { kit: 'kit-nitrite', typed: `${nitrite} NO2`, whenMs }),
        read(id, 'pH', pH, { kit: 'kit-pen', typed: String(pH), whenMs }),
        ...(type === 'fresh' ? [] : [read(id, 'salinity', salinity, { kit: 'kit-meter', typed: `${salinity} ppt`, whenMs })]),
        read(id, 'nitrate', nitrate, { kit: 'kit-nitrate', typed: `${nitrate} NO3`, whenMs }),
      );
    }
  }
  tellCopper({ teller, at }, read);
  tellAnswered({ teller, at }, read);
}

type Read = (system: string, quantity: Quantity, value: number, more: { kit: string; typed: string; whenMs: number }) => Said;

/** Copper at half since two days: its range is the label's, as a keeper reads it. */
function tellCopper({ teller, at }: Story, read: Read): void {
  const now = at(0, 7, 39);
  for (const { id, treatments } of teller.house.view('waterTests').systems) {
    if (!treatments.includes('copper')) continue;
    teller.tell(
      now,
      'odalys',
      {
        kind: 'tests.planned',
        payload: {
          system: id,
          every: [],
          limits: [{ quantity: 'copper', from: 0.08, to: 0.2 }],
          note: 'the label’s range, half of it until they have eaten',
        },
        whenMs: at(2, 17, 5),
      },
      read(id, 'copper', 0.09, { kit: 'kit-copper', typed: '0.09', whenMs: at(1, 10, 25) }),
    );
  }
}

/** A hold tank of one: its ammonia rose, a third of it was changed, and it is read again this morning. */
function tellAnswered({ teller, at }: Story, read: Read): void {
  const now = at(0, 7, 39);
  const held = teller.house
    .view('waterTests')
    .systems.find(
      ({ id, phases, treatments, tests }) =>
        id.startsWith('water-F') && phases.includes('quarantine') && treatments.length === 0 && tests.length > 0,
    );
  if (!held) throw new Error('no hold tank of the story stands alone');
  const whenMs = at(1, 17, 40);
  teller.tell(
    now,
    'odalys',
    read(held.id, 'ammonia', 0.8, { kit: 'kit-ammonia-photo', typed: '0.8 N', whenMs }),
    read(held.id, 'pH', 7, { kit: 'kit-pen', typed: '7.0', whenMs }),
  );
  const over = teller.house.view('waterTests').systems.find(({ id }) => id === held.id)!.over[0]!;
  const [tank] = held.tanks;
  teller.tell(
    now,
    'odalys',
    {
      kind: 'water.exchanged',
      payload: { tank: tank!.id, litres: 15, source: 'mixed', atSump: true, salinityPpt: 0.3, temperatureC: 25, pH: 7 },
      whenMs: at(1, 18, 5),
    },
    {
      kind: 'reading.answered',
      payload: { reading: over.reading.entry, did: ['changed water', 'feed less'], retestAtMs: at(0, 8), note: 'heavy meal at noon' },
      whenMs: at(1, 18, 6),
    },
  );
}
