// Screens draw; what they write is built beside them, in a draft that is pure and tested. An entry that is one plain line may stand where it is pressed.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

const WEB = import.meta.dirname;
const screens = readdirSync(WEB, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.tsx') && !file.endsWith('.test.tsx'),
);

/** Decides something, or does not fit a line. */
function isBuilt(payload: ts.ObjectLiteralExpression, source: ts.SourceFile): boolean {
  let decides = false;
  const visit = (node: ts.Node) => {
    if (ts.isConditionalExpression(node)) decides = true;
    ts.forEachChild(node, visit);
  };
  visit(payload);
  const [start, end] = [payload.getStart(), payload.getEnd()].map((at) => source.getLineAndCharacterOfPosition(at).line);
  return decides || start !== end;
}

function builtIn(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(path.join(WEB, file), 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const found: string[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isPropertyAssignment(node) && node.name.getText() === 'payload' && ts.isObjectLiteralExpression(node.initializer))
      if (isBuilt(node.initializer, source)) found.push(`${file}: ${node.parent.getText().split('\n').join(' ').slice(0, 80)}`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

test('no screen builds an entry where it is drawn', () => {
  expect(screens.flatMap(builtIn)).toEqual([]);
});
