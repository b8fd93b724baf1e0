// Tanks edited: what the form holds, as the entries that say so.
import type { RoomView, TankCard } from '#contract/views.ts';
import type { Flow, TankFields } from '#core/room/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf, type Values } from '../parts/PlainForm.tsx';

export const NOT_KNOWN = 'not known';
/** What changed in the form, as fields of the tank. */
export function fieldsOf(values: Values, tank: TankCard): Partial<TankFields> {
  const said: Partial<TankFields> = {
    code: values.code!,
    volumeL: numberOf(values.volumeL),
    purpose: values.purpose as TankCard['purpose'],
    lid: values.lid === 'yes',
    system: values.system!,
    ...(values.flow === NOT_KNOWN ? {} : { flow: values.flow as Flow }),
  };
  return Object.fromEntries(Object.entries(said).filter(([name, value]) => tank[name as 'code'] !== value));
}

export const changedEntry = (tank: Pick<TankCard, 'id' | 'entry'>, fields: Partial<TankFields>): Draft => ({
  kind: 'tank.changed',
  payload: { tank: tank.id, basedOn: tank.entry, fields },
});

export function goneEntry(tank: string, why: string): Draft {
  const said = why.trim();
  return { kind: 'thing.retired', payload: { what: 'tank', id: tank, ...(said ? { why: said } : {}) } };
}

/** A bucket stands alone in its own water; a box hangs in a tank, a divider parts one: both are that tank's water. */
export function vesselOf(values: Values, view: RoomView, id: () => string): Draft[] | string {
  const around = view.racks
    .flatMap((rack) => rack.tanks.map((tank) => ({ rack, tank })))
    .find(({ tank }) => tank.code.toLowerCase() === values.at!.trim().toLowerCase());
  if (!around) return `There is no tank ${values.at}: a bucket stands by one, a box hangs in one.`;
  const { rack, tank } = around;
  const bucket = values.vessel === 'bucket';
  const own = view.systems.find((system) => system.id === tank.system)!;
  const system = bucket ? id() : tank.system;
  const volumeL = numberOf(values.volumeL);
  const row = Math.max(0, ...rack.tanks.filter(({ hangsIn }) => hangsIn === undefined).map((tank) => tank.row)) + 1;
  const column = rack.tanks.filter((tank) => tank.row === row).length;
  const drafts: Draft[] = bucket
    ? [
        {
          kind: 'system.added',
          payload: {
            system,
            name: `water of ${values.code}`,
            type: own.type,
            temperatureC: own.temperatureC,
            salinityPpt: own.salinityPpt,
            volumeL,
          },
        },
      ]
    : [];
  return [
    ...drafts,
    {
      kind: 'tank.added',
      payload: {
        tank: id(),
        rack: rack.id,
        system,
        code: values.code!,
        volumeL,
        purpose: tank.purpose,
        lid: true,
        row: bucket ? row : tank.row,
        column: bucket ? column : tank.column,
        vessel: values.vessel as 'bucket',
        ...(bucket ? {} : { hangsIn: tank.id }),
      },
    },
  ];
}
