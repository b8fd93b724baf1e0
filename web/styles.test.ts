// Styles and screens hold each other: a class that nothing defines does nothing, and one that nobody wears is dead weight.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { compileString } from 'sass';
import ts from 'typescript';

const WEB = import.meta.dirname;
const all = readdirSync(WEB, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile())
  .map((entry) => path.join(entry.parentPath, entry.name));
const screens = all.filter((file) => file.endsWith('.tsx') && !file.endsWith('.test.tsx'));
const modules = all.filter((file) => file.endsWith('.module.scss'));
const GLOBAL = path.join(WEB, 'theme');

/** Made from a word of the house's (`water-marine`), given by a library, or hung on by it. */
const MADE = /^(flow|water|vessel|tally)-|^(form|btn|modal|offcanvas|input|col|row|fade|show|was|is|visually|collapse|active)(-|$)/;

const isJsxClass = (node: ts.Node) => ts.isJsxAttribute(node) && /^(className|\w*ClassName)$/.test(node.name.getText());

interface Worn {
  global: Set<string>;
  /** By the sheet that they come from. */
  local: Map<string, Set<string>>;
}

function wornIn(file: string): Worn {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const sheets = new Map<string, string>();
  const worn: Worn = { global: new Set(), local: new Map() };
  const states = new Set<string>();
  const dynamic = new Set<string>();
  const visit = (node: ts.Node, inClass: boolean) => {
    if (ts.isImportDeclaration(node) && ts.isStringLiteral(node.moduleSpecifier) && node.moduleSpecifier.text.endsWith('.module.scss'))
      sheets.set(node.importClause!.name!.text, path.resolve(path.dirname(file), node.moduleSpecifier.text));
    const here = inClass || isJsxClass(node);
    if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) {
      states.add(node.text);
      if (here && !ts.isBinaryExpression(node.parent)) for (const word of node.text.split(/\s+/)) if (word) worn.global.add(word);
    }
    if ((ts.isPropertyAccessExpression(node) || ts.isElementAccessExpression(node)) && ts.isIdentifier(node.expression)) {
      const sheet = sheets.get(node.expression.text);
      if (sheet && ts.isPropertyAccessExpression(node)) worn.local.set(sheet, (worn.local.get(sheet) ?? new Set()).add(node.name.text));
      if (sheet && ts.isElementAccessExpression(node)) dynamic.add(sheet);
    }
    ts.forEachChild(node, (child) => visit(child, here));
  };
  visit(source, false);
  // A class by its state (`css[state]`): each word of the file may be one, if the sheet has it.
  for (const sheet of dynamic)
    for (const word of states) if (definedIn(sheet).local.has(word)) worn.local.set(sheet, (worn.local.get(sheet) ?? new Set()).add(word));
  return worn;
}

const compiled = new Map<string, { local: Set<string>; global: Set<string> }>();

function definedIn(sheet: string) {
  const known = compiled.get(sheet);
  if (known) return known;
  const { css } = compileString(existsSync(sheet) ? readFileSync(sheet, 'utf8') : '');
  const selectors = css.replaceAll(/\/\*.*?\*\//gs, '').replaceAll(/\{[^{}]*\}/g, '{}');
  const global = new Set([...selectors.matchAll(/:global\(\.([\w-]+)\)/g)].map((found) => found[1]!));
  const local = new Set([...selectors.replaceAll(/:global\([^)]*\)/g, '').matchAll(/\.([a-zA-Z][\w-]*)/g)].map((found) => found[1]!));
  compiled.set(sheet, { local, global });
  return { local, global };
}

const shared = new Set(
  all
    .filter((file) => path.dirname(file) === GLOBAL && path.basename(file).startsWith('_'))
    .flatMap((file) =>
      [
        ...compileString(readFileSync(file, 'utf8'))
          .css.replaceAll(/\{[^{}]*\}/g, '{}')
          .matchAll(/\.([a-zA-Z][\w-]*)/g),
      ].map((found) => found[1]!),
    ),
);
const worn = screens.map((file) => ({ file: path.relative(WEB, file), ...wornIn(file) }));

test('what a screen takes from a sheet is in that sheet', () => {
  const missing = worn.flatMap(({ file, local }) =>
    [...local].flatMap(([sheet, names]) =>
      [...names]
        .filter((name) => !definedIn(sheet).local.has(name))
        .map((name) => `${file}: ${name} is not in ${path.relative(WEB, sheet)}`),
    ),
  );
  expect(missing).toEqual([]);
});

test('each class of a sheet is worn by a screen', () => {
  const dead = modules.flatMap((sheet) => {
    const names = new Set(worn.flatMap(({ local }) => [...(local.get(sheet) ?? [])]));
    return [...definedIn(sheet).local].filter((name) => !names.has(name)).map((name) => `${path.relative(WEB, sheet)}: ${name}`);
  });
  expect(dead).toEqual([]);
});

test('a shared class is defined where all share it, and worn', () => {
  const names = new Set(worn.flatMap(({ global }) => [...global]));
  const asked = new Set(modules.flatMap((sheet) => [...definedIn(sheet).global]));
  const nowhere = [...names].filter((name) => /^[a-z][\w-]*$/.test(name) && !MADE.test(name) && !shared.has(name) && !asked.has(name));
  expect(nowhere).toEqual([]);
  expect([...shared].filter((name) => !MADE.test(name) && !names.has(name))).toEqual([]);
});

test('no two sheets have one name: their classes are told apart by it', () => {
  const names = modules.map((sheet) => path.basename(sheet));
  expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
});
