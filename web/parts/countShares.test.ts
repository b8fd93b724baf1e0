import { countShares } from './countShares.ts';

it('says one, half, all but one and all, each once', () => {
  expect(countShares(24).map(({ n }) => n)).toEqual([1, 12, 23, 24]);
  expect(countShares(5).map(({ words }) => words)).toEqual(['1', 'half: 2', 'all but one: 4', 'all 5']);
  expect(countShares(3)).toEqual([]);
  for (let whole = 4; whole < 200; whole += 1) {
    const counts = countShares(whole).map(({ n }) => n);
    expect([new Set(counts).size, Math.max(...counts), Math.min(...counts)]).toEqual([counts.length, whole, 1]);
  }
});
