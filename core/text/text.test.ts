import { decodeText, parseCsv, plain, wordsOf, writeCsv } from './index.ts';

describe('reading a table', () => {
  it.each([',', ';', '\t', '|'])('knows the delimiter %j by itself', (mark) => {
    const text = [
      ['name', 'heads'],
      ['firefish', '6'],
      ['comet, small; one|two', '1'],
    ]
      .map((row) => row.map((cell) => (/[,;|]/.test(cell) ? `"${cell}"` : cell)).join(mark))
      .join('\r\n');
    const table = parseCsv(`\uFEFF${text}\r\n\r\n`);
    expect(table.delimiter).toBe(mark);
    expect(table.rows.map(({ cells }) => cells)).toEqual([
      ['name', 'heads'],
      ['firefish', '6'],
      ['comet, small; one|two', '1'],
    ]);
  });

  it('is not misled by lines above the heading, and knows on which line each row begins', () => {
    const { rows, delimiter } = parseCsv('Packed, by hand\nDue: 3 March\n\nbox;species;heads\n1;"fire\nfish";4\n1;comet;1\n');
    expect(delimiter).toBe(';');
    expect(rows.map(({ line, cells }) => [line, cells.length])).toEqual([
      [1, 1],
      [2, 1],
      [4, 3],
      [5, 3],
      [7, 3],
    ]);
  });

  it('names the line of a quote that never ends', () => {
    expect(parseCsv('a,b\n1,2\n"3,4\n').broken).toEqual([expect.objectContaining({ line: 3 })]);
  });
});

it('writes what it reads, and nothing that a spreadsheet would run', () => {
  const text = writeCsv(
    ['name', 'n'],
    [
      ['a "b", c', 1],
      ['=1+1', -2.5],
      ['@x', null],
      ['-2', true],
    ],
  );
  expect(parseCsv(text).rows.map(({ cells }) => cells)).toEqual([
    ['name', 'n'],
    ['a "b", c', '1'],
    ["'=1+1", '-2.5'],
    ["'@x", ''],
    ['-2', 'true'],
  ]);
});

it('reads UTF-8, and Windows-1252 when it is not UTF-8', () => {
  expect(decodeText(new TextEncoder().encode('Ångström °C'))).toEqual({ text: 'Ångström °C', encoding: 'UTF-8' });
  expect(decodeText(Uint8Array.of(0x32, 0x34, 0xb0, 0x43))).toEqual({ text: '24°C', encoding: 'Windows-1252' });
});

it.each([
  ["PY-0412 Boeseman's Rainbowfishes (M)", ['boeseman', 'rainbowfish']],
  ['Six-line wrasses', ['six', 'line', 'wrasse']],
  ['6 line wrasse 3-4 cm', ['six', 'line', 'wrasse']],
  ['GOBIES, bumblebee', ['goby', 'bumblebee']],
  ['Pterapogon kaudérni', ['pterapogon', 'kauderni']],
  ['L', ['l']],
])('%s is told by its words', (text, words) => {
  expect(wordsOf(text)).toEqual(words);
  expect(plain(text)).toBe(plain(plain(text)));
});
