// Every `@example … === …` in a docstring of the bench and the water is run: what the documentation promises holds.
import fs from 'node:fs';
import path from 'node:path';

const FOLDERS = ['core/water', 'core/bench', 'core/quarantine'];
const files = FOLDERS.flatMap((folder) => fs.readdirSync(folder).map((file) => path.join(folder, file))).filter(
  (file) => file.endsWith('.ts') && !file.includes('.test.'),
);
type Example = { file: string; says: string };
const examples = files.flatMap((file): Example[] =>
  [...fs.readFileSync(file, 'utf8').matchAll(/@example (.+? (?:===|≈) .+?)(?: \*\/|\n)/g)].map((match) => ({
    file,
    says: match[1]!.trim(),
  })),
);

it('there are examples to run', () => expect(examples.length).toBeGreaterThan(15));

it.each(examples.map(({ file, says }) => [says, file] as const))('%s', async (says, file) => {
  const found = (await import(path.resolve(file))) as Record<string, unknown>;
  const [left, right] = says.split(/ (?:===|≈) /) as [string, string];
  // The example is this repository's own documentation, evaluated with what its file exports.
  // eslint-disable-next-line @typescript-eslint/no-implied-eval
  const run = (text: string): unknown => new Function(...Object.keys(found), `return (${text});`)(...Object.values(found));
  const [got, promised] = [run(left), run(right)];
  if (says.includes(' ≈ ')) expect(Math.abs(Number(got) / Number(promised) - 1)).toBeLessThan(0.005);
  else expect(got).toEqual(promised);
});
