// What the views say is true now, held against a second account of it: plain loops over all rows, made up at random with ties of time, rows void and rows missing.
import Database from 'better-sqlite3';
import { makeChance } from '#core/chance/index.ts';
import { makeProjectionTables } from './open.ts';

type Row = Record<string, string | number | null>;
const CASES = Number(process.env.NOW_CASES ?? 500);
const TABLES: Record<string, readonly string[]> = {
  p_balance: ['lot', 'place', 'inside', 'n'],
  p_bag: ['id', 'entry', 'voided_by', 'crate', 'label', 'box', 'ord', 'lot', 'listed', 'free'],
  p_absence: ['entry', 'at_ms', 'by', 'voided_by', 'bag'],
  p_landing: ['entry', 'at_ms', 'by', 'voided_by', 'bag', 'crate', 'lot', 'alive', 'dead', 'quality', 'condition', 'bag_condition'],
  p_assignment: ['entry', 'at_ms', 'by', 'voided_by', 'bag', 'tank', 'overruled'],
  p_bag_plan: ['entry', 'at_ms', 'by', 'voided_by', 'bag', 'lot', 'tank'],
  p_given_up: ['entry', 'at_ms', 'by', 'voided_by', 'crate', 'why'],
  p_arrival: ['entry', 'at_ms', 'by', 'voided_by', 'crate', 'carton'],
  p_release: ['entry', 'at_ms', 'by', 'voided_by', 'bag', 'run', 'lot', 'tank', 'alive', 'dead'],
  p_run_from: ['entry', 'place', 'run', 'n', 'at_ms', 'by', 'voided_by'],
  p_clean_water: ['entry', 'at_ms', 'by', 'voided_by', 'bag', 'lot', 'facts'],
  p_float: ['entry', 'at_ms', 'by', 'voided_by', 'id', 'bag', 'lot', 'tank', 'n', 'minutes', 'bag_c', 'bag_method', 'tank_c', 'water_l'],
  p_bench_run: ['entry', 'at_ms', 'by', 'voided_by', 'id', 'lot', 'tank', 'method', 'vessel', 'overruled', 'facts'],
  p_quarantine: ['entry', 'at_ms', 'by', 'voided_by', 'id', 'lot', 'policy', 'zero'],
  p_sign_off: ['entry', 'at_ms', 'by', 'voided_by', 'quarantine', 'lot'],
  p_promise: ['entry', 'at_ms', 'by', 'voided_by', 'id', 'lot', 'n', 'for_whom'],
  p_promise_end: ['entry', 'at_ms', 'by', 'voided_by', 'promise'],
  p_treatment: ['entry', 'at_ms', 'by', 'voided_by', 'id', 'system', 'family'],
  p_treatment_end: ['entry', 'at_ms', 'by', 'voided_by', 'treatment'],
  p_stay_limit: ['entry', 'at_ms', 'by', 'voided_by', 'id', 'lot', 'place', 'until_ms', 'until_cm', 'why'],
  p_lot: ['id', 'entry', 'voided_by', 'label', 'size_cm', 'origin'],
  p_measure: ['entry', 'at_ms', 'by', 'voided_by', 'lot', 'size_cm'],
  p_system: ['id', 'entry', 'voided_by', 'name', 'type', 'temperature_c', 'salinity_ppt', 'volume_l'],
  p_reading: ['entry', 'at_ms', 'by', 'voided_by', 'subject_kind', 'subject', 'quantity', 'value', 'typed', 'method', 'source'],
  p_loss: ['entry', 'at_ms', 'by', 'voided_by', 'lot', 'place', 'n', 'cause', 'sure', 'facts'],
  p_loss_class: ['entry', 'at_ms', 'by', 'voided_by', 'loss', 'cause'],
  p_fault: ['entry', 'at_ms', 'by', 'voided_by', 'tank', 'what'],
  p_due: ['entry', 'at_ms', 'by', 'voided_by', 'due', 'kind', 'until_ms'],
};
/** Which columns name what another table has, so that chance joins them; each thing has few names. */
const NAMES: Record<string, readonly string[]> = {
  lot: ['l1', 'l2', 'l3'],
  place: ['b1', 'b2', 'r1', 't1'],
  bag: ['b1', 'b2'],
  crate: ['k1', 'k2'],
  tank: ['t1', 't2'],
  run: ['f1', 'f2', 'r1'],
  system: ['s1', 's2'],
  subject: ['s1', 's2', 'b1'],
  quantity: ['temperature', 'salinity', 'pH'],
  quarantine: ['q1', 'q2'],
  promise: ['m1', 'm2'],
  treatment: ['c1', 'c2'],
  facts: ['{}'],
  loss: ['p_loss-0', 'p_loss-1', 'p_loss-2'],
  cause: ['illness', 'jumped', 'not known'],
  due: ['p_fault-0:fault:mend', 'p_fault-1:fault:mend', 'p_fault-0:fault:other'],
  kind: ['done', 'skipped', 'snoozed'],
};
const IDS: Record<string, readonly string[]> = {
  p_bag: ['b1', 'b2'],
  p_float: ['f1', 'f2'],
  p_bench_run: ['r1'],
  p_quarantine: ['q1', 'q2'],
  p_promise: ['m1', 'm2'],
  p_treatment: ['c1', 'c2'],
  p_stay_limit: ['y1', 'y2', 'y3'],
  p_lot: ['l1', 'l2', 'l3'],
  p_system: ['s1', 's2'],
};
const client = new Database(':memory:');
makeProjectionTables(client);
afterAll(() => client.close());
const inserts = Object.fromEntries(
  Object.entries(TABLES).map(([table, columns]) => [
    table,
    client.prepare(
      `insert or ignore into ${table} (${columns.map((column) => `"${column}"`).join(', ')}) values (${columns.map(() => '?').join(', ')})`,
    ),
  ]),
);

function makeUp(seed: number): void {
  const chance = makeChance(seed);
  const below = (n: number) => Math.floor(chance() * n);
  const valueOf = (table: string, column: string, index: number): string | number | null => {
    if (column === 'id') return IDS[table]![index]!;
    if (column === 'entry') return `${table}-${index}`;
    if (column === 'voided_by') return below(4) === 0 ? 'undone' : null;
    // Few instants, so that some are the same and the entry decides.
    if (column === 'at_ms') return 1000 + below(3);
    if (column === 'inside') return below(3) === 0 ? 0 : 1;
    if (column === 'n' || column === 'alive') return below(3);
    if (['size_cm', 'value', 'temperature_c', 'salinity_ppt'].includes(column)) return below(90) / 10;
    if (
      ['volume_l', 'minutes', 'bag_c', 'tank_c', 'water_l', 'until_ms', 'until_cm', 'dead', 'box', 'ord', 'listed', 'free'].includes(column)
    )
      return 1;
    const names = NAMES[column];
    return names ? names[below(names.length)]! : 'x';
  };
  for (const [table, columns] of Object.entries(TABLES)) {
    client.exec(`delete from ${table}`);
    // So much stands against a plan that few are left of few.
    const most = IDS[table]?.length ?? (table === 'p_bag_plan' ? 16 : 4);
    for (let index = 0; index < most; index += 1)
      if (below(2) === 0) inserts[table]!.run(columns.map((column) => valueOf(table, column, index)));
  }
}

const rowsOf = (table: string) => client.prepare(`select * from ${table}`).all() as Row[];
const stands = ({ voided_by: voided }: Row) => voided === null;
const isAfter = (a: Row, b: Row) => a.at_ms! > b.at_ms! || (a.at_ms === b.at_ms && a.entry! > b.entry!);
const some = (row: Row | undefined): Row[] => (row ? [row] : []);
const last = (rows: readonly Row[]) =>
  rows.reduce<Row | undefined>((latest, row) => (!latest || isAfter(row, latest) ? row : latest), undefined);

/** Each view told once more, from all rows. */
const TOLD: Record<string, (all: (table: string) => Row[]) => Row[]> = {
  now_standing: (all) =>
    all('p_balance').flatMap(({ lot, place, inside, n }) => (inside === 1 && n !== 0 ? [{ lot: lot!, place: place!, n: n! }] : [])),
  now_quarantine: (all) =>
    all('p_quarantine').filter((row) => stands(row) && !all('p_sign_off').some((end) => stands(end) && end.quarantine === row.id)),
  now_promise: (all) =>
    all('p_promise').filter((row) => stands(row) && !all('p_promise_end').some((end) => stands(end) && end.promise === row.id)),
  now_treatment: (all) =>
    all('p_treatment').filter((row) => stands(row) && !all('p_treatment_end').some((end) => stands(end) && end.treatment === row.id)),
  now_open_bag: (all) =>
    all('p_bag').filter((row) => {
      const gone = [
        ...all('p_absence').filter(({ bag }) => bag === row.id),
        ...all('p_landing').filter(({ bag, alive }) => bag === row.id && alive === 0),
        ...all('p_release').filter(({ bag }) => bag === row.id),
        ...all('p_run_from').filter(({ place }) => place === row.id),
      ];
      return stands(row) && !gone.some(stands);
    }),
  now_float: (all) =>
    all('p_float').filter((row) => {
      const out = all('p_release').some((release) => stands(release) && release.run === row.id && release.bag === row.bag);
      const poured = all('p_run_from').some((from) => stands(from) && from.place === row.bag);
      const clean = all('p_clean_water').some((given) => stands(given) && given.bag === row.bag);
      return stands(row) && !out && !poured && !clean;
    }),
  now_assignment: (all) => ['b1', 'b2'].flatMap((bag) => some(last(all('p_assignment').filter((row) => stands(row) && row.bag === bag)))),
  now_stay: (all) =>
    all('p_balance').flatMap(({ lot, place, n }) => {
      const stay = last(all('p_stay_limit').filter((row) => stands(row) && row.lot === lot && row.place === place));
      return stay && Number(n) > 0 ? [{ ...stay, n: n! }] : [];
    }),
  now_lot: (all) =>
    all('p_lot').map((row) => ({
      ...row,
      size_cm: last(all('p_measure').filter((move) => stands(move) && move.lot === row.id))?.size_cm ?? row.size_cm!,
    })),
  now_system: (all) =>
    all('p_system').map((row) => {
      const read = (quantity: string) =>
        last(all('p_reading').filter((reading) => stands(reading) && reading.subject === row.id && reading.quantity === quantity))?.value;
      return {
        ...row,
        temperature_c: read('temperature') ?? row.temperature_c!,
        salinity_ppt: read('salinity') ?? row.salinity_ppt!,
        set_c: row.temperature_c!,
        set_ppt: row.salinity_ppt!,
      };
    }),
  now_reading: (all) =>
    NAMES.subject!.flatMap((subject) =>
      NAMES.quantity!.flatMap((quantity) =>
        some(last(all('p_reading').filter((row) => stands(row) && row.subject === subject && row.quantity === quantity))),
      ),
    ),
  now_loss: (all) =>
    all('p_loss')
      .filter(stands)
      .map((row) => ({
        ...row,
        said: row.cause!,
        cause: last(all('p_loss_class').filter((word) => stands(word) && word.loss === row.entry))?.cause ?? row.cause!,
      })),
  now_fault: (all) =>
    all('p_fault').flatMap((row) => {
      const said = last(all('p_due').filter((word) => stands(word) && word.due === `${row.entry}:fault:mend`));
      if (!stands(row) || said?.kind === 'done' || said?.kind === 'skipped') return [];
      return [{ ...row, put_off_until_ms: said?.until_ms ?? null }];
    }),
  now_bag_plan: (all) =>
    all('p_bag').flatMap((bag) => {
      const facts = (table: string, column = 'bag') => all(table).filter((row) => stands(row) && row[column] === bag.id);
      const plan = last(facts('p_bag_plan'));
      const gone = [...facts('p_assignment'), ...facts('p_absence'), ...facts('p_release'), ...facts('p_run_from', 'place')];
      const lotDiffers = facts('p_landing').some(({ lot }) => lot !== plan?.lot);
      return plan && stands(bag) && gone.length === 0 && !lotDiffers ? [{ tank: plan.tank!, bag: plan.bag!, lot: plan.lot! }] : [];
    }),
  now_coming: (all) => [
    ...TOLD.now_bag_plan!(all).flatMap(({ tank, bag: place, lot }) => {
      const facts = (table: string, column: string, id: unknown) => all(table).filter((row) => stands(row) && row[column] === id);
      if (facts('p_landing', 'bag', place).length > 0)
        return all('p_balance')
          .filter((row) => row.place === place && row.lot === lot && row.inside === 1 && row.n !== 0)
          .map(({ n }) => ({ tank: tank!, place: place!, lot: lot!, n: n! }));
      const listed = all('p_bag').find(({ id }) => id === place)!;
      const lost = facts('p_given_up', 'crate', listed.crate).length > 0 && facts('p_arrival', 'crate', listed.crate).length === 0;
      // A bag that never landed holds nothing on record: what its list says of it counts.
      const early = all('p_balance').filter((row) => row.place === place && row.lot === lot && row.inside === 1 && row.n !== 0);
      return [...early.map(({ n }) => n!), ...(lost ? [] : [listed.listed!])].map((n) => ({ tank: tank!, place: place!, lot: lot!, n }));
    }),
    ...all('p_balance').flatMap(({ lot, place, inside, n }) => {
      if (inside !== 1 || n === 0) return [];
      const chosen = last(all('p_assignment').filter((row) => stands(row) && row.bag === place));
      const run = all('p_bench_run').find(({ id }) => id === place);
      return [chosen, run].flatMap((way) => (way ? [{ tank: way.tank!, place: place!, lot: lot!, n: n! }] : []));
    }),
  ],
};

const inLine = (rows: readonly Row[]) => rows.map((row) => JSON.stringify(Object.entries(row).sort())).sort();

it('every view is told here once more', () => {
  const views = client.prepare("select name from sqlite_master where type = 'view' order by name").pluck().all();
  expect(views).toEqual(Object.keys(TOLD).sort());
});

it(`says what plain loops over all rows say, ${CASES} times`, () => {
  const counts: Record<string, number> = {};
  for (let seed = 1; seed <= CASES; seed += 1) {
    makeUp(seed);
    const tables = new Map(Object.keys(TABLES).map((table) => [table, rowsOf(table)]));
    for (const [view, told] of Object.entries(TOLD)) {
      const said = rowsOf(view).map(({ latest: _latest, ...row }) => row);
      expect({ seed, view, rows: inLine(said) }).toEqual({ seed, view, rows: inLine(told((table) => tables.get(table)!)) });
      counts[view] = (counts[view] ?? 0) + said.length;
    }
  }
  // Each had something to say.
  for (const view of Object.keys(TOLD)) expect([view, counts[view]! > CASES / 50]).toEqual([view, true]);
});
