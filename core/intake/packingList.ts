// A supplier's packing list as boxes, bags and lots. Pure: rows and what was answered in, list, questions and faults out.
import type { Origin } from '../lots/index.ts';
import { makeLookUp, type Found, type LookUp, type Named } from '../species/index.ts';
import { type CsvRow, type FileProblem, plain, wordsOf } from '../text/index.ts';
import { readBox, readCount, readLabels, readLitres, readOrigin, readSize } from './cells.ts';
import type { ListColumns, ListField } from './columns.ts';
import { priceReader } from './listPrices.ts';
import { lineKind, totalIn } from './lines.ts';

export type ReadLot = { species?: string; label: string; heardAs?: string; sizeCm?: number; origin: Origin };
export type ReadBag = {
  label: string;
  box: number;
  /** Index into `lots`. */ lot: number;
  n: number;
  free: number;
  waterL?: number;
  /** Of one, in the list's currency. */ price?: number;
  line: number;
};
/** A name on the list, and what it was taken for. `asked` = nobody can tell but the reader. */
export type ReadName = {
  key: string;
  heard: string;
  lines: number[];
  species?: string;
  likeness?: Found['likeness'] | 'taught';
  offers: string[];
  asked: boolean;
};
/** What is wrong in a line: in which field, and what stands there. */
export type ListProblem = FileProblem & { field?: ListField; said: string };
/** A line that was passed over, and why: put right when it was fish after all. */
export type PassedLine = { line: number; said: string; why: 'none sent' | 'not fish' | 'heading' };
export type PackingList = {
  lots: ReadLot[];
  bags: ReadBag[];
  names: ReadName[];
  problems: ListProblem[];
  passed: PassedLine[];
  /** What its prices are in, where it says so. */
  currency?: string;
  /** Lines kept as they are written. */
  remarks: string[];
  notices: string[];
};

/** What the reader says of a line: leave it out, keep it as words, or its fields as they should be (none: it is fish, whatever it looks like). */
export type LineFix = 'out' | 'words' | Partial<Record<ListField, string>>;
export type Fixes = Readonly<Record<number, LineFix>>;

/** What the reader answered for a name: a species, or '' for “take it as it is written”. */
export type Answers = Record<string, string>;
export type TaughtName = { heard: string; species: string };

type Options = {
  heading: CsvRow;
  rows: readonly CsvRow[];
  columns: ListColumns;
  allSpecies: readonly Named[];
  taught?: readonly TaughtName[];
  answers?: Answers;
  fixes?: Fixes;
  lookUp?: LookUp;
};
/** The longest list that is read: above that it is no delivery of a day. */
export const MAX_BAGS = 2000;
const OFFERS = 5;
const MAX_REMARK = 200;

/** A name's key: what an answer to it is kept under. */
export const nameKey = (heard: string): string => wordsOf(heard).join(' ') || plain(heard);

export function readPackingList({
  heading,
  rows,
  columns,
  allSpecies,
  taught = [],
  answers = {},
  fixes = {},
  lookUp = makeLookUp(allSpecies),
}: Options): PackingList {
  const list: PackingList = { lots: [], bags: [], names: [], problems: [], passed: [], remarks: [], notices: [] };
  const commonOf = new Map(allSpecies.map(({ id, common }) => [id, common]));
  const namer = makeNamer({ lookUp, taught, answers, names: list.names });
  const lotIndex = new Map<string, number>();
  const labels = new Map<string, number>();
  const headingOf = (field: ListField) => heading.cells[columns[field] ?? -1] ?? '';
  const perBox = numbersStartAnew(rows, columns);
  let saidTotal: number | undefined;
  let sinceSubtotal = 0;
  const prices = priceReader(headingOf('price'));

  for (const { line, cells } of rows) {
    const fix = fixes[line];
    const said = cells.filter(Boolean).join(' · ').slice(0, MAX_REMARK);
    if (fix === 'words') list.remarks.push(said);
    if (typeof fix === 'string') continue;
    const cell = (field: ListField) => fix?.[field] ?? (columns[field] === undefined ? '' : (cells[columns[field]] ?? ''));
    const fail = (field: ListField, expected: string) =>
      void list.problems.push({ line, column: headingOf(field) || field, expected, field, said: cell(field) });
    const heard = [cell('scientific'), cell('name')].filter(Boolean);
    if (heard.length === 0 && cell('code')) heard.push(cell('code'));
    const settles = () => heard.some((called) => Object.hasOwn(answers, nameKey(called)) || lookUp.settle(called) !== undefined);
    const counted = cell('count') || cell('perBag');
    const is = lineKind({ cells, heard, counted, sinceSubtotal, isFish: fix !== undefined, settles });
    if (is === 'total') saidTotal = totalIn(cells, cell('count')) ?? saidTotal;
    if (is === 'subtotal' || is === 'total') sinceSubtotal = 0;
    else if (is !== 'fish' && is !== 'nothing') list.passed.push({ line, said, why: is });
    if (is !== 'fish') continue;
    const before = list.problems.length;
    if (heard.length === 0) {
      fail(columns.name === undefined ? 'scientific' : 'name', 'a name');
      continue;
    }
    const size = readSize(cell('size'), headingOf('size'));
    if (!size) fail('size', 'a length such as 4, 3-4 cm or 2"');
    const waterL = cell('waterL') === '' ? undefined : readLitres(cell('waterL'), headingOf('waterL'));
    if (cell('waterL') !== '' && waterL === undefined) fail('waterL', 'litres from 0.05 to 500, such as 1.4 or 1400 ml');
    const box = cell('box') === '' ? (list.bags.at(-1)?.box ?? 1) : readBox(cell('box'));
    if (box === undefined) fail('box', 'a box number from 1 to 500');
    const shares = readShares(cell, fail);
    if (list.problems.length > before || !shares || !size || box === undefined) continue;

    const named = namer(heard, line);
    const origin = readOrigin(cell('origin'));
    const lotKey = [named.species ?? named.key, size.sizeCm, origin].join('|');
    let lot = lotIndex.get(lotKey);
    if (lot === undefined) {
      lotIndex.set(lotKey, (lot = list.lots.length));
      const label = named.species === undefined ? heard.at(-1)! : commonOf.get(named.species)!;
      list.lots.push({
        label: label.slice(0, 120),
        ...(named.species === undefined ? { heardAs: heard.join(', ').slice(0, 120) } : { species: named.species }),
        ...size,
        origin,
      });
    }
    sinceSubtotal += shares.reduce((sum, { n }) => sum + n, 0);
    for (const { label, n, free } of shares) {
      const no = label === undefined ? String(list.bags.length + 1) : perBox ? `${box}-${label.replace(/^bag\s*/i, '')}` : label;
      const whole = /^bag\b/i.test(no) ? no : `bag ${no}`;
      const earlier = labels.get(`${box}|${whole}`) ?? (label === undefined ? undefined : labels.get(whole));
      if (earlier !== undefined) fail('bag', `another bag number than on line ${earlier}`);
      else if (whole.length > 20) fail('bag', 'a bag number of at most 16 characters');
      else
        list.bags.push({
          label: whole,
          box,
          lot,
          n,
          free,
          ...(waterL === undefined ? {} : { waterL }),
          ...prices.read(cell('price')),
          line,
        });
      labels.set(whole, line);
    }
  }
  if (list.bags.length > MAX_BAGS)
    list.problems.push({ line: list.bags[MAX_BAGS]!.line, column: '', expected: `at most ${MAX_BAGS} bags in one list`, said: '' });
  if (list.bags.length === 0 && list.problems.length === 0)
    list.problems.push({ line: heading.line, column: '', expected: 'at least one line of fish under the headings', said: '' });
  const heads = list.bags.reduce((sum, { n }) => sum + n, 0);
  if (saidTotal !== undefined && saidTotal !== heads) list.notices.push(`The list says ${saidTotal} in total; its lines make ${heads}.`);
  const dry = list.bags.filter(({ waterL }) => waterL === undefined).length;
  if (dry > 0)
    list.notices.push(
      `${dry === list.bags.length ? 'The list' : `For ${dry} bags the list`} does not say how much water is in a bag; it is taken by eye at the dock.`,
    );
  return prices.onto(list);
}

/** Bags are numbered anew in each box: their numbers say which only with the box's. */
function numbersStartAnew(rows: readonly CsvRow[], { bag, box, count }: ListColumns): boolean {
  if (bag === undefined || box === undefined) return false;
  const first = new Map<string, string>();
  let boxNow = '';
  return rows.some(({ cells }) => {
    boxNow = cells[box] || boxNow;
    const label = cells[bag];
    if (!label || (count !== undefined && !cells[count])) return false;
    const before = first.get(label);
    first.set(label, before ?? boxNow);
    return before !== undefined && before !== boxNow;
  });
}

type Share = { label?: string; n: number; free: number };

/** The bags that one line stands for, and how many heads are in each. */
function readShares(cell: (field: ListField) => string, fail: (field: ListField, expected: string) => void): Share[] | undefined {
  // Where neither is written, the heads are what is missing.
  const countField = cell('count') === '' && cell('perBag') !== '' ? 'perBag' : 'count';
  const count = readCount(cell(countField));
  if (!count) return void fail(countField, 'a count such as 6, 6+1 or 3x6');
  const labels = cell('bag') === '' ? [] : readLabels(cell('bag'));
  const saidBags = cell('bags') === '' ? undefined : readCount(cell('bags'));
  if (cell('bags') !== '' && !saidBags) return void fail('bags', 'how many bags');
  const bags = count.bags > 1 ? count.bags : (saidBags?.n ?? Math.max(1, labels.length));
  if (labels.length > 1 && labels.length !== bags) return void fail('bag', `${bags} bag numbers, as many as there are bags`);
  const each = cell('perBag') === '' ? undefined : readCount(cell('perBag'));
  if (cell('perBag') !== '' && !each) return void fail('perBag', 'a count such as 6 or 6+1');
  const whole = count.bags > 1 ? count.n * bags : countField === 'perBag' ? count.n * bags : count.n;
  if (each && countField === 'count' && each.n * bags !== whole) return void fail('count', `${each.n * bags}: ${bags} bags of ${each.n}`);
  if (whole < bags) return void fail('bags', `no more bags than the ${whole} heads`);
  const labelOf = (index: number) =>
    labels.length > 1 || bags === 1 ? labels[index] : labels[0] === undefined ? undefined : `${labels[0]}/${index + 1}`;
  const free = count.bags > 1 || countField === 'perBag' ? count.free * bags : count.free;
  return Array.from({ length: bags }, (_, index) => ({
    label: labelOf(index),
    n: Math.floor(whole / bags) + (index < whole % bags ? 1 : 0),
    free: Math.floor(free / bags) + (index < free % bags ? 1 : 0),
  }));
}

type Namer = { lookUp: LookUp; taught: readonly TaughtName[]; answers: Answers; names: ReadName[] };

/** Settles each name of the list once: by answer, by what the house was taught, by the species list. */
export function makeNamer({ lookUp, taught, answers, names }: Namer) {
  const learnt = new Map(taught.map(({ heard, species }) => [nameKey(heard), species]));
  const known = new Map<string, ReadName>();
  return (heard: readonly string[], line: number): ReadName => {
    const key = nameKey(heard.join(' '));
    let name = known.get(key);
    if (!name) {
      name = { key, heard: heard.join(', '), lines: [], asked: false, offers: [], ...settle(heard, key) };
      known.set(key, name);
      names.push(name);
    }
    name.lines.push(line);
    return name;
  };

  function settle(heard: readonly string[], key: string): Partial<ReadName> {
    const findOffers = () => [...new Set(heard.flatMap((called) => lookUp.find(called, OFFERS).map(({ id }) => id)))].slice(0, OFFERS);
    // A fish may be called `constructor`: only what was answered is an answer.
    const answer = Object.hasOwn(answers, key) ? answers[key] : undefined;
    if (answer !== undefined)
      return answer === '' ? { offers: findOffers() } : { species: answer, likeness: 'taught', offers: findOffers() };
    const taughtAs = learnt.get(key) ?? heard.map((called) => learnt.get(nameKey(called))).find(Boolean);
    if (taughtAs) return { species: taughtAs, likeness: 'taught' };
    const settled = heard.map((called) => lookUp.settle(called)).filter((called) => called !== undefined);
    const first = settled[0];
    // Latin and trade name that mean two species: the list contradicts itself, so it is asked about.
    if (!first || settled.some(({ id }) => id !== first.id)) return { offers: findOffers(), asked: true };
    if (settled.some(({ likeness }) => likeness === 'same')) return { species: first.id, likeness: 'same' };
    return { species: first.id, likeness: 'near', offers: findOffers() };
  }
}
