import { isBlank, isWritable, unwritableIn, writable } from './index.ts';

const BAD = ['a\u0000b', 'a\u001bb', 'a\u009bb', '\u202egoby', '\u2067goby', 'a\ud800', '\udc00a', '\ufeffa', 'a\uffff'];

it.each(BAD)('%j cannot be written, and what is left of it can', (text) => {
  expect(isWritable(text)).toBe(false);
  expect(isWritable(writable(text))).toBe(true);
  expect(writable(`${text} of four`)).toBe(`${writable(text)} of four`);
});

it.each(['Gobiodon okinawae', 'Ångström', '北京', '💥', 'نص', 'a\u200fb', 'line\nline', 'tab\there', "it's 4 °C", ''])(
  '%j is as it is',
  (text) => {
    expect(isWritable(text)).toBe(true);
    expect(writable(text)).toBe(text);
  },
);

it('every unit of text is judged as a plain list of them says', () => {
  for (let unit = 0; unit <= 0xffff; unit += 1) {
    const control = (unit < 32 && unit !== 9 && unit !== 10 && unit !== 13) || (unit >= 127 && unit < 160);
    const turning = (unit >= 0x202a && unit <= 0x202e) || (unit >= 0x2066 && unit <= 0x2069);
    const half = unit >= 0xd800 && unit <= 0xdfff;
    const no = control || turning || half || unit === 0xfeff || unit === 0xfffe || unit === 0xffff;
    if (isWritable(String.fromCharCode(unit)) === no) throw new Error(`U+${unit.toString(16)}`);
  }
  // Two halves make one; the wrong way round they do not.
  expect([isWritable('\ud83d\udca5'), isWritable('\udca5\ud83d')]).toEqual([true, false]);
});

it('shows nothing: spaces, and what only takes room', () => {
  for (const text of ['', '  ', '\n\t', '\u00a0', '\u200b\u200b', '\u2060 \u3164']) expect([text, isBlank(text)]).toEqual([text, true]);
  for (const text of ['0', '.', ' a ', '\u200ba', '💥']) expect([text, isBlank(text)]).toEqual([text, false]);
});

it('cleans the texts inside a value and says where they stood; a clean one is the very same', () => {
  const clean = { n: 1, what: 'lid', list: [{ a: 'b' }, null, undefined], none: undefined };
  expect(writable(clean)).toBe(clean);
  const dirty = { ...clean, list: [{ a: 'b\u0000' }, 'ok', '\u202ex'] };
  expect(writable(dirty)).toEqual({ ...clean, list: [{ a: 'b' }, 'ok', 'x'] });
  expect(unwritableIn(dirty, 'entries.0')).toEqual(['entries.0.list.0.a', 'entries.0.list.2']);
  expect(unwritableIn(clean, 'entries.0')).toEqual([]);
});
