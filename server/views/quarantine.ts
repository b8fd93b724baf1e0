// Every quarantine of the house with its clock as it stands.
import type Database from 'better-sqlite3';
import type { QuarantineCard } from '#contract/views.ts';
import { json, makeAsk, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { SPECIES_COLUMNS, SPECIES_SHAPE, speciesOf } from '../now/rows.ts';
import { prepareClocks, type RunningQuarantine } from '../quarantine/clocks.ts';
import type { MakeView, ViewRequest } from './view.ts';

const ABOUT = { label: t.lot.label, ...SPECIES_SHAPE, places: json<{ id: string; code: string; n: number }[]>() };

/** Cards of the running quarantines, of all lots or of some. Places in restarts are said by code. */
export function prepareQuarantineCards(
  client: Database.Database,
): (asked: Pick<ViewRequest, 'now' | 'zone' | 'rules'>, only?: readonly string[]) => QuarantineCard[] {
  const ask = makeAsk(client);
  const clocks = prepareClocks(client);
  const about = ask.one(
    ABOUT,
    `
    select l.label, ${SPECIES_COLUMNS},
      (select coalesce(json_group_array(json_object('id', t.id, 'code', t.code, 'n', b.n)), '[]')
        from now_standing b join p_tank t on t.id = b.place where b.lot = l.id) places
    from p_lot l left join p_species s on s.id = l.species where l.id = ?`,
  );
  const codes = ask.map(t.tank.id, t.tank.code, 'select id, code from p_tank');
  return ({ now, zone, rules }, only) => {
    const codeOf = codes();
    return [...clocks({ now, zone, toolDriesH: rules.toolDriesH, only }).values()].map((running) =>
      cardOf(running, about(running.lot), codeOf),
    );
  };
}

function cardOf(
  { id, lot, policy, openedAtMs, zero, clock }: RunningQuarantine,
  { places, ...row }: RowOf<typeof ABOUT>,
  codeOf: ReadonlyMap<string, string>,
): QuarantineCard {
  return {
    quarantine: id,
    lot,
    label: row.label,
    species: speciesOf(row),
    n: places.reduce((sum, { n }) => sum + n, 0),
    tanks: places.map(({ n: _n, ...tank }) => tank),
    policy,
    opened: { zero, atMs: openedAtMs },
    clock: {
      ...clock,
      restarts: clock.restarts.map((restart) => ({
        ...restart,
        ...(restart.place ? { place: codeOf.get(restart.place) ?? restart.place } : {}),
      })),
    },
  };
}

/** A clock in three words, for a line of a page. */
export const countedOf = ({
  clear,
  required,
  blockers,
}: QuarantineCard['clock']): { clear: number; required: number; notEating: boolean } => ({
  clear,
  required,
  notEating: blockers.some(({ why }) => why === 'not eating' || why === 'never ate'),
});

export const makeQuarantineView: MakeView<'quarantine'> = (client) => {
  const cards = prepareQuarantineCards(client);
  return (request) => ({ quarantines: cards(request) });
};
