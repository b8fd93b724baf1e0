// Tanks drawn on racks and several changed at once: what the forms ask, and the entries that their answers become.
import type { HouseView } from '#contract/views.ts';
import { FLOWS, PURPOSES, type Flow, type Purpose, type TankFields } from '#core/room/index.ts';
import type { WaterType } from '#core/species/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import { saltOf, type Id } from './forms.ts';

export const OWN_WATER = 'own';
/** Tanks drawn at once: each may bring its own water, and one act holds 200 entries. */
export const MAX_TANKS = 96;

export function tankFields({ racks, systems }: Pick<HouseView, 'racks' | 'systems'>): FormField[] {
  return [
    { name: 'rack', type: 'choice', label: 'On which rack', options: racks.map(({ id, name }) => ({ value: id, label: name })) },
    ...(systems.length === 0
      ? []
      : [
          {
            name: 'system',
            type: 'choice',
            label: 'On which system',
            options: systems.map(({ id, name }) => ({ value: id, label: name })),
          } as const,
        ]),
    { name: 'prefix', type: 'text', label: 'Letter of the codes', maxLength: 6, hint: 'A gives A1, A2 …' },
    { name: 'first', type: 'number', label: 'First number', min: 0, max: 9999, whole: true },
    { name: 'rows', type: 'number', label: 'Rows', min: 1, max: 20, whole: true },
    { name: 'columns', type: 'number', label: 'Tanks in a row', min: 1, max: 40, whole: true },
    { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'Each holds' },
    { name: 'purpose', type: 'choice', label: 'What they are for', options: PURPOSES },
    { name: 'lid', type: 'choice', label: 'Lids', options: ['no', 'yes'] },
  ];
}
export function codesOf({ prefix = '', first, rows, columns }: Values): string[] {
  const [from, n] = [numberOf(first), numberOf(rows) * numberOf(columns)];
  return Number.isInteger(n) && n > 0 && n <= MAX_TANKS ? Array.from({ length: n }, (_, index) => `${prefix.trim()}${from + index}`) : [];
}

export function tanksOf(values: Values, newId: Id, rowsAbove: number): Draft[] {
  const columns = numberOf(values.columns);
  const volumeL = numberOf(values.volumeL);
  return codesOf(values).flatMap((code, index): Draft[] => {
    const own = values.system === OWN_WATER;
    const system = own ? newId() : values.system!;
    const tank: Draft = {
      kind: 'tank.added',
      payload: {
        tank: newId(),
        rack: values.rack!,
        system,
        code,
        volumeL,
        purpose: values.purpose as Purpose,
        lid: values.lid === 'yes',
        row: rowsAbove + Math.floor(index / columns),
        column: index % columns,
      },
    };
    if (!own) return [tank];
    const { type, temperatureC, salinityPpt } = values;
    const facts = { type: type as WaterType, temperatureC: numberOf(temperatureC), salinityPpt: saltOf(type as WaterType, salinityPpt) };
    return [{ kind: 'system.added', payload: { system, name: `${code} water`, ...facts, volumeL } }, tank];
  });
}

/** The numbers after those that were just drawn. */
export const afterDraw = (values: Values): Values => ({ first: String(numberOf(values.first) + codesOf(values).length) });

export const UNCHANGED = 'as it is';
export const MANY_FIELDS: FormField[] = [
  { name: 'codes', type: 'text', label: 'Which tanks', hint: 'A1-A8, C3', maxLength: 400 },
  { name: 'purpose', type: 'choice', label: 'What they are for', options: [UNCHANGED, ...PURPOSES] },
  { name: 'lid', type: 'choice', label: 'Lids', options: [UNCHANGED, 'yes', 'no'] },
  { name: 'flow', type: 'choice', label: 'Flow', options: [UNCHANGED, ...FLOWS] },
  { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'Each holds', optional: true, hint: 'left empty: as it is' },
];

type Tank = HouseView['tanks'][number];

/** The tanks that `A1-A8, C3` names; a string says what is wrong with it. */
export function tanksNamed(text: string, tanks: readonly Tank[]): Tank[] | string {
  const byCode = new Map(tanks.map((tank) => [tank.code.toLowerCase(), tank]));
  const named = text
    .split(/[,;]+/)
    .map((part) => part.trim())
    .filter(Boolean)
    .flatMap((part): (Tank | string)[] => {
      const alone = byCode.get(part.toLowerCase());
      if (alone) return [alone];
      const span = /^(\D*)(\d+)\s*(?:-|–|to)\s*(\D*)(\d+)$/i.exec(part);
      if (!span) return [part];
      const [, prefix = '', from = '', again = '', to = ''] = span;
      if (again && again.toLowerCase() !== prefix.toLowerCase()) return [part];
      // What is not there between the two was left out when they were drawn, or is gone.
      const found = [...byCode].flatMap(([code, tank]) => {
        const parts = /^(\D*)(\d+)$/.exec(code);
        const inSpan = parts && parts[1] === prefix.toLowerCase() && +parts[2]! >= +from && +parts[2]! <= +to;
        return inSpan ? [tank] : [];
      });
      return found.length > 0 ? found : [part];
    });
  const unknown = named.find((tank) => typeof tank === 'string');
  if (unknown !== undefined) return `There is no tank ${unknown}.`;
  return [...new Set(named as Tank[])];
}

/** One change for each tank that is not so yet. */
export function manyChanged(values: Values, tanks: readonly Tank[]): Draft[] {
  const said: Partial<TankFields> = {
    ...(values.purpose === UNCHANGED ? {} : { purpose: values.purpose as Purpose }),
    ...(values.lid === UNCHANGED ? {} : { lid: values.lid === 'yes' }),
    ...(values.flow === UNCHANGED ? {} : { flow: values.flow as Flow }),
    ...(values.volumeL ? { volumeL: numberOf(values.volumeL) } : {}),
  };
  return tanks.flatMap((tank): Draft[] => {
    const fields = Object.fromEntries(Object.entries(said).filter(([name, value]) => tank[name as 'code'] !== value));
    return Object.keys(fields).length === 0 ? [] : [{ kind: 'tank.changed', payload: { tank: tank.id, basedOn: tank.entry, fields } }];
  });
}

/** Codes as spans of numbers that follow each other: `A1, A3 to A6, A8 to A12`. */
export function saySpans(codes: readonly string[]): string {
  const spans: { prefix: string; from: number; to: number }[] = [];
  const plain: string[] = [];
  for (const code of codes) {
    const [, prefix, number] = /^(\D*)(\d+)$/.exec(code) ?? [];
    const last = spans.at(-1);
    if (prefix === undefined) plain.push(code);
    else if (last && last.prefix === prefix && last.to + 1 === Number(number)) last.to += 1;
    else spans.push({ prefix, from: Number(number), to: Number(number) });
  }
  const said = spans.map(({ prefix, from, to }) => {
    if (to === from) return `${prefix}${from}`;
    return to === from + 1 ? `${prefix}${from}, ${prefix}${to}` : `${prefix}${from} to ${prefix}${to}`;
  });
  return [...said, ...plain].join(', ');
}

export function sayCodes(codes: readonly string[]): string {
  return codes.length > 4 ? `${codes[0]} to ${codes.at(-1)} (${codes.length})` : codes.join(', ');
}
