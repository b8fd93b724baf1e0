// A float about to begin: what the fields hold, what that makes of bag and tank, and the entries that it becomes. A field that nobody typed in is the house's own
// value, as it stands now and not as it stood when the form was opened, and no new reading.
import type { BenchBag } from '#contract/views.ts';
import { floatTime, type FloatTime, type Parsed, type Reading, type ReadingMethod } from '#core/water/index.ts';
import { newId, type Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';

/** As typed. */
export type FloatFields = { bag: string; method: ReadingMethod; tank: string; salt: string; water: string };

/** As read, else as stated; where the air of its box was measured neither stands for it, and a probe is asked for. */
const knownTemperature = ({ temperature, boxC, stated }: BenchBag): number | undefined =>
  temperature?.value ?? (boxC === undefined ? stated.temperatureC : undefined);

export function fieldsOf(bag: BenchBag, units: Units): FloatFields {
  const knownC = knownTemperature(bag);
  return {
    bag: knownC === undefined ? '' : units.bare('temperature', knownC),
    method: bag.temperature?.method ?? 'folded',
    tank: units.bare('temperature', bag.system!.temperatureC),
    // A tank that was matched to the bag holds another salinity now: written here, it is what the release is judged by.
    salt: units.bare('salinity', bag.system!.salinityPpt),
    water: bag.waterL === undefined ? '' : units.bare('volume', bag.waterL),
  };
}

export type FloatRead = {
  bagC: Parsed;
  tankC: Parsed;
  salt: Parsed;
  water: Parsed;
  time?: FloatTime;
  /** The bag's temperature is the supplier's word still. */
  isStated: boolean;
};

export function readFloat(bag: BenchBag, said: Partial<FloatFields>, { units, withinC }: { units: Units; withinC: number }): FloatRead {
  const began = fieldsOf(bag, units);
  const typed = { ...began, ...said };
  const system = bag.system!;
  const knownC = knownTemperature(bag);
  const bagC = typed.bag === began.bag ? asKnown(knownC, typed.bag) : units.read('temperature', typed.bag);
  const tankC = typed.tank === began.tank ? asKnown(system.temperatureC, typed.tank) : units.read('temperature', typed.tank);
  const water = typed.water === began.water ? asKnown(bag.waterL, typed.water) : units.read('volume', typed.water);
  const salt =
    typed.salt === began.salt ? asKnown(system.salinityPpt, typed.salt) : units.read('salinity', typed.salt, system.temperatureC);
  const time =
    bagC.ok && tankC.ok && water.ok && water.value > 0
      ? floatTime({ bagC: bagC.value, tankC: tankC.value, volumeL: water.value, withinC })
      : undefined;
  return { bagC, tankC, salt, water, time, isStated: bag.temperature === undefined && typed.bag !== '' && typed.bag === began.bag };
}

type Ready = { bag: BenchBag; along: readonly BenchBag[]; said: Partial<FloatFields>; units: Units; withinC: number };

/** The readings that are new, and a float for the bag and for each that goes along with it; nothing while a field cannot be read. */
export function floatEntries({ bag, along, said, units, withinC }: Ready): Draft[] {
  const { bagC, tankC, salt, water, isStated } = readFloat(bag, said, { units, withinC });
  if (!bagC.ok || !tankC.ok || !water.ok) return [];
  const began = fieldsOf(bag, units);
  const typed = { ...began, ...said };
  const system = bag.system!;
  const bagReading: Reading = {
    value: bagC.value,
    typed: bagC.typed,
    method: isStated ? 'label' : typed.method,
    source: isStated ? 'stated' : 'measured',
  };
  const isSetPoint = typed.tank === began.tank;
  const tankReading: Reading = {
    value: tankC.value,
    typed: tankC.typed,
    method: isSetPoint ? (system.temperatureMethod ?? 'label') : 'in the water',
    source: isSetPoint && !system.temperatureMethod ? 'stated' : 'measured',
  };
  const readings: Draft[] = [];
  const read = (subject: { kind: 'bag' | 'system'; id: string }, quantity: 'temperature' | 'salinity', reading: Reading) =>
    readings.push({ kind: 'reading.taken', payload: { subject, quantity, reading } });
  if (bag.temperature === undefined ? !isStated : typed.bag !== began.bag) read({ kind: 'bag', id: bag.bag }, 'temperature', bagReading);
  if (!isSetPoint) read({ kind: 'system', id: system.id }, 'temperature', tankReading);
  if (salt.ok && typed.salt !== began.salt)
    read({ kind: 'system', id: system.id }, 'salinity', {
      value: salt.value,
      typed: salt.typed,
      method: 'meter',
      source: 'measured',
      ...(salt.reference ? { reference: salt.reference } : {}),
    });
  const volume = { value: water.value, typed: water.typed, method: 'by eye', source: 'estimated' } as const;
  const floats = [bag, ...along].map((benchBag): Draft => {
    const bagTemperature = benchBag === bag ? bagReading : temperatureOf(benchBag, bagReading);
    const litres =
      benchBag === bag || benchBag.waterL === undefined ? volume : { ...volume, value: benchBag.waterL, typed: `${benchBag.waterL}` };
    const { minutes } = floatTime({ bagC: bagTemperature.value, tankC: tankReading.value, volumeL: litres.value, withinC });
    return {
      kind: 'float.started',
      payload: {
        floatId: newId(),
        bag: benchBag.bag,
        lot: benchBag.lot,
        tank: bag.tank!.id,
        n: benchBag.alive,
        bagTemperature,
        tankTemperature: tankReading,
        water: litres,
        minutes,
      },
    };
  });
  return [...readings, ...floats];
}

/** Each by its own temperature; what nobody read of it is taken from the bag that was read. */
function temperatureOf({ temperature: own }: BenchBag, read: Reading): Reading {
  return own
    ? { value: own.value, typed: `${own.value}`, method: own.method, source: 'measured' }
    : { ...read, source: read.source === 'measured' ? 'estimated' : read.source };
}

/** A value as the house has it, not as it was rounded for the field. */
function asKnown(value: number | undefined, typed: string): Parsed {
  return value === undefined ? { ok: false, problem: 'not a number', typed } : { ok: true, value, typed };
}
