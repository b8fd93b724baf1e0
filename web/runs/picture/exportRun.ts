// A run as a table and as data, with units in every heading: what was read, what was done, what is calculated.
import type { RunCard } from '#contract/views.ts';
import { correctedOf, type Followed } from '#core/runs/index.ts';
import { writeCsv } from '#core/text/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';

const UNITS = {
  salinity: 'ppt',
  temperature: '°C',
  pH: 'NBS',
  ammonia: 'mg/L N',
  toxicAmmonia: 'mg/L N',
  oxygen: 'mg/L',
  volume: 'L',
  flow: 'mL/min',
  time: 'ms since 1970 UTC',
} as const;
const HEADINGS = [
  'minutes since it began',
  'at (UTC)',
  'what',
  'salinity (ppt)',
  'temperature (°C)',
  'pH (NBS)',
  'total ammonia (mg/L N)',
  'toxic ammonia (mg/L N)',
  'oxygen (mg/L)',
  'volume (L)',
  'said',
  'by',
] as const;
type Row = (string | number)[];
const short = (value: number, digits: number) => Number(value.toFixed(digits));

export function runRows(run: RunCard, followed: Followed): Row[] {
  const minuteOf = (atMs: number) => [short((atMs - run.startedAtMs) / MINUTE_MS, 2), new Date(atMs).toISOString()] as const;
  const calculated = followed.samples.map((sample, index): Row => [
    ...minuteOf(run.startedAtMs + sample.minute * MINUTE_MS),
    index <= followed.nowIndex ? 'calculated' : 'calculated ahead',
    short(sample.salinity, 3),
    short(sample.temperature, 3),
    short(sample.pH, 3),
    short(sample.tan, 4),
    short(sample.nh3, 5),
    short(sample.oxygen, 3),
    short(sample.volumeL, 3),
    '',
    '',
  ]);
  const read = correctedOf(run).map(({ atMs, quantity, value, typed, by }): Row => {
    const column = (name: string) => (quantity === name ? value : '');
    return [
      ...minuteOf(atMs),
      'read',
      column('salinity'),
      column('temperature'),
      column('pH'),
      column('ammonia'),
      '',
      column('oxygen'),
      '',
      typed,
      by,
    ];
  });
  const done = run.events.map((event): Row => {
    const { entry: _entry, atMs, by, what, ...facts } = event;
    return [...minuteOf(atMs), what, '', '', '', '', '', '', '', JSON.stringify(facts), by];
  });
  const fewer = run.fewer.map(({ atMs, by, n, how }): Row => [...minuteOf(atMs), how, '', '', '', '', '', '', '', `${n} heads`, by]);
  return [...calculated, ...read, ...done, ...fewer].sort((a, b) => Number(a[0]) - Number(b[0]));
}

export function runCsv(run: RunCard, followed: Followed): Blob {
  return new Blob([`\uFEFF${writeCsv([...HEADINGS], runRows(run, followed))}`], { type: 'text/csv;charset=utf-8' });
}

/** All of it as plain data. */
export function runData(run: RunCard, { samples, nowIndex, end, endBand, estimate }: Followed) {
  const { started, startedAtMs, events, fewer, meterChecks, lotLabel, tank, from } = run;
  const calculated = { samples, nowIndex, end, endBand, parameters: estimate.parameters, band: estimate.band };
  return {
    units: UNITS,
    lot: lotLabel,
    tank: tank.code,
    from,
    startedAtMs,
    started,
    events,
    fewer,
    readings: correctedOf(run),
    meterChecks,
    calculated,
  };
}

export function runJson(run: RunCard, followed: Followed): Blob {
  return new Blob([JSON.stringify(runData(run, followed), undefined, 2)], { type: 'application/json' });
}
