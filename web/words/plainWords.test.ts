// The words of the trade on every screen, and in every kind of entry: what the house's own dialect once called otherwise is not said again.
import fs from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { KINDS, kinds } from '#contract/kinds.ts';

/** What was said before, with what is said now. A word that is right somewhere else is looked for in the phrase that was wrong. */
const OLD: readonly (readonly [RegExp, string])[] = [
  [/\bon hold\b|\bholds?\b (of|is|was|may|begins)\b|\b(its|the|this|open) hold\b|^hold$/i, 'quarantine'],
  [/\bclean days?\b/i, 'clear days'],
  [/\b(began|begins?|begun|set) anew\b/i, 'restarted, changed'],
  [/\b(a|another|next|last) look\b|\blooked at\b|\blooks? at\b/i, 'health check, check'],
  [/\bwhich way\b|\bschools?\b|\bhurts least\b/i, 'method'],
  [/\bbears?\b|\bstrain\b/i, 'tolerance, stress'],
  [/\breckon\w*\b|\bas told\b/i, 'calculated, stated'],
  [/\bremed(y|ies)\b/i, 'treatment, medication'],
  [/(?<!ammonia )\bbinder\b/i, 'ammonia binder'],
  [/\blet go\b/i, 'release'],
  [/\b(a|the|this|these|another) runs?\b(?! sheet)|^runs?$/i, 'acclimation'],
  [/\bsums?\b/i, 'calculators'],
  [/\bshelf\b/i, 'species'],
  [/\bbooks?\b/i, 'on record, stock records, data and backup'],
  [/\bdaybook\b/i, 'logbook'],
  [/\btak(e|en|es|ing) back\b|\btook back\b/i, 'undone'],
  [/\b(one|another|same|whose|shared|this|its own) waters?\b|^waters?$/i, 'system'],
];
/** Right as they stand: the word has another sense there. */
const RIGHT = [
  'water', // the field of a species: which kinds of water it lives in; a topic; a contact by water
  'Water', // a heading above what the water is like
  'Mossbank school', // a customer
  'Delta shelf', // a rack
];

type Said = { where: string; text: string };
function saidIn(file: string): Said[] {
  const source = ts.createSourceFile(file, fs.readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: Said[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    // Class names and keys of storage are for machines.
    if (ts.isJsxAttribute(node) && /^(className|key|id|htmlFor|controlId|to)$/.test(node.name.getText())) return;
    const isText =
      ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node) || ts.isJsxText(node);
    if (isText && !ts.isLiteralTypeNode(node.parent)) {
      const text = node.text.trim().replaceAll(/\s+/g, ' ');
      // A key, a path or a class is one word with a mark in it.
      if (/\s/.test(text) || ts.isJsxText(node) || /^[A-Z][a-z]+$/.test(text))
        found.push({ where: `${file}:${source.getLineAndCharacterOfPosition(node.getStart()).line + 1}`, text });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const old = ({ where, text }: Said) =>
  RIGHT.includes(text) ? [] : OLD.filter(([word]) => word.test(text)).map(([, now]) => `${where}: “${text}” — say ${now}`);

it('screens, refusals and logbook say it in the words of the trade', () => {
  const files = fs
    .readdirSync('web', { recursive: true, encoding: 'utf8' })
    .map((file) => path.join('web', file))
    .filter((file) => /\.tsx?$/.test(file) && !/(^|\/)test|\.test\./.test(file) && fs.existsSync(file));
  const said = files.flatMap(saidIn);
  expect(said.length).toBeGreaterThan(2000);
  expect(said.flatMap(old)).toEqual([]);
});

it('no kind of entry, and no field of one, has a word that was given up', () => {
  const fields = (value: unknown): string[] =>
    Array.isArray(value)
      ? value.flatMap(fields)
      : value && typeof value === 'object'
        ? Object.entries(value).flatMap(([key, inner]) => [key, ...fields(inner)])
        : [];
  const named = KINDS.flatMap((kind) => [kind, ...fields(kinds[kind].example)]).flatMap((name) => name.split(/[.]|(?=[A-Z])/));
  expect(named.length).toBeGreaterThan(200);
  const givenUp = [
    'hold',
    'holds',
    'waters',
    'look',
    'looked',
    'looks',
    'slip',
    'slips',
    'freed',
    'remedy',
    'told',
    'bears',
    'school',
    'schools',
    'way',
    'book',
    'deed',
    'around',
    'shelf',
  ];
  expect(named.map((name) => name.toLowerCase()).filter((name) => givenUp.includes(name))).toEqual([]);
});
