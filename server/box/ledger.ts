// The judge of the house in a box: a ledger of its own, kept from what the tablets were told to write and what stands in the journal. It shares no code with
// the house: it reads rows, adds heads up by hand, and says in words what is not as it must be.

export type Written = {
  actId: string;
  person: string;
  entries: readonly { id: string; kind: string; occurredAtMs: number; payload: unknown }[];
};
export type Tablet = {
  /** Every act that somebody entered here, in order. */
  written: readonly Written[];
  /** Acts that its browser could not keep, and said so; a reload may lose them. */
  unkept: ReadonlySet<string>;
  /** On its way when its page was left: it may arrive after the next page was told no. */
  left: ReadonlySet<string>;
  /** Told to be recorded. */
  saved: ReadonlySet<string>;
  /** In the tray, and why. */
  tray: ReadonlyMap<string, string>;
  /** Still waiting at the end. */
  waiting: ReadonlySet<string>;
};
export type Row = { seq: number; id: string; act: string; kind: string; at: number; actor: string; payload: string };
type Heads = Map<string, number>;

/** What is wrong; empty = every act once, by its maker, at its time, or known not to be there. */
export function judge(tablets: readonly Tablet[], rows: readonly Row[], { setUpSeq, shown }: { setUpSeq: number; shown: Heads }): string[] {
  const wrong: string[] = [];
  const acts = new Map<string, Row[]>();
  for (const row of rows) if (row.seq > setUpSeq) acts.set(row.act, [...(acts.get(row.act) ?? []), row]);
  const known = new Set<string>();
  for (const tablet of tablets)
    for (const act of tablet.written) {
      if (known.has(act.actId)) wrong.push(`act ${act.actId} was written on two tablets`);
      known.add(act.actId);
      wrong.push(...judgeAct(act, acts.get(act.actId) ?? [], tablet));
    }
  for (const act of acts.keys()) if (!known.has(act)) wrong.push(`act ${act} was written by nobody`);
  const seqs = rows.map(({ seq }) => seq);
  if (seqs.some((seq, index) => index > 0 && seq <= seqs[index - 1]!)) wrong.push('the journal is out of order');
  wrong.push(...compare(headsOf(rows), shown));
  return wrong;
}

function judgeAct(act: Written, rows: readonly Row[], { saved, tray, waiting, unkept, left }: Tablet): string[] {
  const named = `act ${act.actId} of ${act.person}`;
  if (rows.length === 0) {
    if (saved.has(act.actId)) return [`${named} was told to be recorded and is not`];
    if (waiting.has(act.actId)) return [`${named} waits for ever`];
    if (tray.has(act.actId) || unkept.has(act.actId)) return [];
    return [`${named} is lost`];
  }
  const wrong: string[] = [];
  if (rows.length !== act.entries.length) wrong.push(`${named} has ${rows.length} of ${act.entries.length} entries`);
  rows.forEach((row, index) => {
    const entry = act.entries[index];
    if (!entry) return;
    if (row.actor !== act.person) wrong.push(`${named} stands under ${row.actor}`);
    if (row.id !== entry.id || row.kind !== entry.kind) wrong.push(`${named} is another: ${row.kind}`);
    if (row.at !== entry.occurredAtMs) wrong.push(`${named} is dated ${row.at - entry.occurredAtMs} ms off`);
    if (sorted(JSON.parse(row.payload)) !== sorted(entry.payload)) wrong.push(`${named} says something else`);
  });
  // What is refused is not there. Of what the house broke on nobody knew: it may be.
  const why = tray.get(act.actId);
  if (why !== undefined && why !== 'broken' && !left.has(act.actId)) wrong.push(`${named} is recorded and lies in the tray: ${why}`);
  return wrong;
}

/** Heads by lot and tank, added up by hand from the kinds that the box writes. */
function headsOf(rows: readonly Row[]): Heads {
  const heads: Heads = new Map();
  const add = (lot: string, place: string, n: number) => heads.set(`${lot} in ${place}`, (heads.get(`${lot} in ${place}`) ?? 0) + n);
  for (const { kind, payload } of rows) {
    const said = JSON.parse(payload) as Record<string, never> & {
      n: number;
      lot: string;
      tank: string;
      place: string;
      found: number;
      onRecord: number;
    };
    if (kind === 'lot.opened') add(said.lot, said.tank, said.n);
    if (kind === 'loss.recorded') add(said.lot, said.place, -said.n);
    if (kind === 'stock.counted') add(said.lot, said.place, said.found - said.onRecord);
    if (kind === 'stock.moved')
      for (const move of (said as unknown as { moves: { lot: string; from: string; to: string; n: number }[] }).moves) {
        add(move.lot, move.from, -move.n);
        if (move.to !== 'sold') add(move.lot, move.to, move.n);
      }
  }
  return heads;
}

function compare(own: Heads, shown: Heads): string[] {
  const places = new Set([...own.keys(), ...shown.keys()]);
  return [...places].flatMap((place) => {
    const [mine, theirs] = [own.get(place) ?? 0, shown.get(place) ?? 0];
    if (mine < 0) return [`less than nothing: ${mine} ${place}`];
    return mine === theirs ? [] : [`the house shows ${theirs} ${place}, the ledger says ${mine}`];
  });
}

function sorted(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(sorted).join(',')}]`;
  if (value === null || typeof value !== 'object') return JSON.stringify(value);
  const fields = Object.entries(value).filter(([, value]) => value !== undefined);
  return `{${fields
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, value]) => `${key}:${sorted(value)}`)
    .join(',')}}`;
}
