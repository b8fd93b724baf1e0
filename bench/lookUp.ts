// Species look-up on 5,000 names, as it is typed, and a packing list of 2,000 lines read and matched against them.
import { makeChance } from '#core/chance/index.ts';
import { findHeading, guessColumns, readPackingList } from '#core/intake/index.ts';
import { makeLookUp, type Named } from '#core/species/index.ts';
import { parseCsv } from '#core/text/index.ts';
import { SPECIES } from '#demo/species.ts';

const NAMES = 5000;
const LINES = 2000;
const ROUNDS = 20;
const SYLLABLES = 'ba ce di fo gu ha li mo ni pu ra se ti vo xa ze lo mi'.split(' ');
const TYPED = ['Royal gramma', 'Nemateleotris magnifca', 'harleqin rasbora', 'six line wrass', 'banggai'];

const chance = makeChance(7);
const word = () => Array.from({ length: 2 + Math.floor(chance() * 3) }, () => SYLLABLES[Math.floor(chance() * SYLLABLES.length)]).join('');
const allSpecies: Named[] = SPECIES.map(({ species, ...rest }) => ({ id: species, ...rest }));
let names = allSpecies.reduce((sum, { alsoCalled }) => sum + 2 + alsoCalled.length, 0);
for (let turn = 0; names < NAMES; turn += 1, names += 3)
  allSpecies.push({
    id: `made-${turn}`,
    scientific: `${word()} ${word()}`,
    common: `${word()} ${word()}`,
    alsoCalled: [`${word()} ${word()}`],
  });

const timed = <T>(work: () => T): { ms: number; value: T } => {
  const began = performance.now();
  const value = work();
  return { ms: performance.now() - began, value };
};
const built = timed(() => makeLookUp(allSpecies));
const keys: number[] = [];
for (let round = 0; round < ROUNDS; round += 1)
  for (const text of TYPED)
    for (let length = 1; length <= text.length; length += 1) keys.push(timed(() => built.value.find(text.slice(0, length))).ms);
// The first round warms the machine up.
const warm = keys.slice(keys.length / ROUNDS).sort((a, b) => a - b);
const quantileAt = (share: number) => warm[Math.floor(share * (warm.length - 1))]!.toFixed(2);
console.log(
  `look-up on ${names} names: built in ${built.ms.toFixed(0)} ms; a key: median ${quantileAt(0.5)}, p95 ${quantileAt(0.95)}, p99 ${quantileAt(0.99)}, worst ${quantileAt(1)} ms`,
);

const misspelt = (name: string) => name.slice(0, 3) + name.slice(4);
for (const wrong of [0, 0.1]) {
  const lines = Array.from({ length: LINES }, (_, index) => {
    const { common } = allSpecies[Math.floor(chance() * allSpecies.length)]!;
    return `${1 + Math.floor(index / 40)},${index + 1},${chance() < wrong ? misspelt(common) : common},4 cm,6+1,1.2`;
  });
  const text = ['box,bag,name,size,qty,water', ...lines].join('\n');
  const { ms, value } = timed(() => {
    const { rows } = parseCsv(text);
    const index = findHeading(rows);
    return readPackingList({
      heading: rows[index]!,
      rows: rows.slice(index + 1),
      columns: guessColumns(rows[index]!.cells),
      allSpecies,
      lookUp: built.value,
    });
  });
  console.log(
    `list of ${LINES} lines, ${wrong * 100} % misspelt: ${ms.toFixed(0)} ms, ${value.bags.length} bags, ${value.names.length} names, ${value.names.filter(({ asked }) => asked).length} asked`,
  );
}
