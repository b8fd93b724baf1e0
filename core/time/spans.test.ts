import { spansOf } from './index.ts';

const legs = (...list: [number, number][]) => list.map(([atMs, n], index) => ({ entry: `e${index}`, atMs, n }));

it.each<[string, [number, number][], object]>([
  ['nothing', [], { spans: [], gaps: [] }],
  ['still there', [[10, 4]], { spans: [{ fromMs: 10, peak: 4 }], gaps: [] }],
  [
    'there and gone',
    [
      [10, 4],
      [20, -1],
      [30, -3],
    ],
    { spans: [{ fromMs: 10, untilMs: 30, peak: 4 }], gaps: [] },
  ],
  [
    'there twice, told in the wrong order',
    [
      [50, 2],
      [10, 4],
      [30, -4],
    ],
    {
      spans: [
        { fromMs: 10, untilMs: 30, peak: 4 },
        { fromMs: 50, peak: 2 },
      ],
      gaps: [],
    },
  ],
  [
    'in and out at one instant',
    [
      [10, 4],
      [10, -4],
    ],
    { spans: [], gaps: [] },
  ],
  [
    'sold before it was entered that they came: a gap, not an error',
    [
      [10, -2],
      [20, 5],
    ],
    { spans: [{ fromMs: 20, peak: 3 }], gaps: [{ fromMs: 10, untilMs: 20, n: 2 }] },
  ],
])('%s', (_name, list, expected) => {
  expect(spansOf(legs(...list))).toEqual(expected);
});

it('goes on from what stood there when the movements begin', () => {
  expect(spansOf(legs([10, -3]), { before: 3, sinceMs: 5 })).toEqual({ spans: [{ fromMs: 5, untilMs: 10, peak: 3 }], gaps: [] });
});
