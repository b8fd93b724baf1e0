import fc from 'fast-check';
import { BAG_CONDITIONS, CONDITIONS, isFoul, isSoft, needOf, needs, ROUTES, STARTING_DOCK, withSign, type Landed } from './index.ts';

const HOUR = 3_600_000;
const bag: Landed = {
  condition: 'fit',
  bagCondition: 'sound',
  alive: 4,
  dead: 0,
  isFish: true,
  packedAtMs: 0,
  promisedAtMs: 20 * HOUR,
  arrivedAtMs: 20 * HOUR,
  landedAtMs: 20.2 * HOUR,
};
const asks = (more: Partial<Landed>) => needOf({ ...bag, ...more }, STARTING_DOCK);

it.each([
  [{}, 'nothing'],
  [{ condition: 'tired' }, 'no medicine'],
  [{ condition: 'poor' }, 'observation tank'],
  // Clean water is no tank: a critical fish is a poor one at least when it leaves it.
  [{ condition: 'critical' }, 'observation tank'],
  [{ bagCondition: 'foul' }, 'no medicine'],
  [{ bagCondition: 'soft and foul', condition: 'poor' }, 'observation tank'],
  [{ condition: 'poor', alive: 0, dead: 4 }, 'nothing'],
  // What somebody said instead holds, with its reason on record.
  [{ condition: 'poor', routed: 'as usual' }, 'nothing'],
  [{ routed: 'observation tank' }, 'observation tank'],
  [{ landedAtMs: 60 * HOUR, arrivedAtMs: 60 * HOUR }, 'nothing'],
] as const)('%j asks for: %s', (more, asked) => expect(asks(more)).toBe(asked));

it('a late crate asks for a tank only where a lead wrote so', () => {
  const rules = { ...STARTING_DOCK, triage: { ...STARTING_DOCK.triage, late: 'observation tank' as const } };
  expect(needOf({ ...bag, arrivedAtMs: 40 * HOUR, landedAtMs: 40 * HOUR }, rules)).toBe('observation tank');
  expect(needOf(bag, rules)).toBe('nothing');
});

it('of several bags the one that asks for most speaks', () => {
  expect(needs([])).toBe('nothing');
  expect(needs(['nothing', 'no medicine', undefined])).toBe('no medicine');
  expect(needs(['no medicine', 'observation tank', 'nothing'])).toBe('observation tank');
});

it('a bag that is worse in any way never asks for less', () => {
  const rank = ['nothing', 'no medicine', 'observation tank'];
  const landed = fc.record({
    condition: fc.constantFrom(...CONDITIONS),
    bagCondition: fc.constantFrom(...BAG_CONDITIONS),
    dead: fc.nat(3),
  });
  fc.assert(
    fc.property(landed, (is) => {
      const now = rank.indexOf(asks(is));
      const worse = CONDITIONS[Math.min(CONDITIONS.length - 1, CONDITIONS.indexOf(is.condition) + 1)]!;
      expect(rank.indexOf(asks({ ...is, condition: worse }))).toBeGreaterThanOrEqual(now);
      expect(rank.indexOf(asks({ ...is, bagCondition: 'soft and foul' }))).toBeGreaterThanOrEqual(now);
      for (const routed of ROUTES) expect(asks({ ...is, routed })).toBe(asks({ routed }));
    }),
  );
});

it('soft and foul are put on and taken off apart', () => {
  for (const is of BAG_CONDITIONS)
    for (const sign of ['soft', 'foul'] as const) {
      const next = withSign(is, sign);
      expect([isSoft(next), isFoul(next)]).toEqual([isSoft(is) !== (sign === 'soft'), isFoul(is) !== (sign === 'foul')]);
      expect(withSign(next, sign)).toBe(is);
    }
});
