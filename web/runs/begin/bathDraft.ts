// A first-aid bath about to begin: what the fields hold, the amount that follows from the label, and the entry that it becomes.
import type { Condition } from '#core/dock/index.ts';
import {
  bathDose,
  BATH_CHECK_MIN,
  BATH_MINUTES,
  LONGEST_BATH_MIN,
  type BathKind,
  type LabelUnit,
  type RunStarted,
} from '#core/runs/index.ts';
import { oxygenSolubility } from '#core/water/index.ts';
import { newId } from '../../data/house.ts';
import type { Units } from '../../data/units.ts';
import type { Patient } from './patient.ts';

/** As typed and tapped. */
export type BathFields = {
  is: BathKind;
  label: string;
  value: string;
  unit: LabelUnit;
  litres: string;
  minutes: string;
  some: number;
  condition: Condition;
  bathC: string;
  bathPpt: string;
};

export const emptyBath = ({ n: some, condition }: Patient): BathFields => ({
  is: 'dye',
  label: '',
  value: '',
  unit: 'mL for each 10 L',
  litres: '',
  minutes: String(BATH_MINUTES),
  some,
  condition,
  bathC: '',
  bathPpt: '',
});

export function readBath(fields: BathFields, patient: Patient, units: Units) {
  const number = Number(fields.value.replace(',', '.'));
  const isNumber = fields.value.trim() !== '' && Number.isFinite(number) && number > 0;
  const minutes = Number(fields.minutes);
  const water = units.read('volume', fields.litres);
  const warmth = units.read('temperature', fields.bathC);
  const salt = units.read('salinity', fields.bathPpt, warmth.ok ? warmth.value : undefined);
  const lasts = minutes >= 1 && minutes <= LONGEST_BATH_MIN;
  const dose = isNumber && water.ok ? bathDose({ value: number, unit: fields.unit }, water.value) : undefined;
  const ready =
    dose && water.ok && warmth.ok && salt.ok && fields.label.trim() !== '' && lasts
      ? { number, minutes, litres: water.value, temperature: warmth.value, salinity: salt.value }
      : undefined;
  // Somebody may have taken some meanwhile: never more than are there.
  return { n: Math.min(fields.some, patient.n), minutes, lasts, isValueWrong: fields.value.trim() !== '' && !(number > 0), dose, ready };
}
export type ReadBath = ReturnType<typeof readBath>;

type Ready = { patient: Patient; fields: BathFields; read: ReadBath & { ready: NonNullable<ReadBath['ready']> }; watcher: string };

export function bathStarted({ patient, fields, read: { n, ready }, watcher }: Ready): RunStarted {
  const { input, tank } = patient;
  const { number, minutes, litres, temperature, salinity } = ready;
  return {
    run: newId(),
    method: 'first-aid bath',
    lot: patient.lot,
    tank: tank.id,
    from: [{ place: patient.place, n }],
    vessel: { name: 'the bath', capacityL: litres, overflow: 'no overflow' },
    start: {
      ...input.bag,
      waterL: litres,
      gasL: 0,
      gas: 'air',
      temperature,
      salinity,
      closedHours: 0,
      opening: { is: 'tub' },
      // Clean, and aired before the fish come.
      tan: 0,
      oxygen: oxygenSolubility({ temperature, salinity }),
      foul: false,
      soft: false,
    },
    water: input.tank,
    of: { ...input.lot, n, bags: 1 },
    plan: [
      { do: 'air', level: 'gentle' },
      { do: 'wait', minutes },
    ],
    // A bath is over by its clock; what differs from the tank then is for the release to say.
    within: { salinity: 60, temperature: 30 },
    watcher,
    checkEveryMin: BATH_CHECK_MIN,
    bath: {
      is: fields.is,
      label: fields.label.trim(),
      dose: { value: number, unit: fields.unit },
      litres,
      minutes,
      condition: fields.condition,
      matched: {
        temperature: { bath: temperature, fish: input.bag.temperature },
        salinity: { bath: salinity, fish: input.bag.salinity },
      },
    },
  };
}
