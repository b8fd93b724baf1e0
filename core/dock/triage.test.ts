import fc from 'fast-check';
import {
  BAG_CONDITIONS,
  CONDITIONS,
  headsIn,
  ROUTES,
  routeOf,
  ROUTES_FOR,
  STARTING_DOCK,
  TRIAGE_FACTS,
  worstOf,
  type Triaged,
  type TriageRules,
} from './index.ts';

const { triage: RULES } = STARTING_DOCK;
const sound: Triaged = { condition: 'fit', bagCondition: 'sound', alive: 3, dead: 0, isFish: true };

it.each([
  [{}, 'as usual', []],
  [{ condition: 'tired' }, 'quarantine without medicine', ['tired']],
  [{ condition: 'poor' }, 'observation tank', ['poor']],
  [{ condition: 'critical' }, 'clean water now', ['critical']],
  [{ bagCondition: 'soft' }, 'clean water now', ['soft']],
  [{ bagCondition: 'foul', condition: 'tired' }, 'clean water now', ['foul', 'tired']],
  [{ dead: 1 }, 'quarantine without medicine', ['dead in the bag']],
  // Late alone only offers the bath.
  [{ late: true, longClosed: true }, 'bath offered', ['late', 'long closed']],
  [{ late: true, isFish: false }, 'as usual', []],
  [{ condition: 'critical', isFish: false }, 'clean water now', ['critical']],
  [{ condition: 'critical', alive: 0, dead: 3 }, 'as usual', []],
] as const)('%j: %s', (more, route, facts) => {
  const advised = routeOf({ ...sound, ...more }, RULES);
  expect(advised.route).toBe(route);
  expect(advised.because.map(({ fact }) => fact)).toEqual(facts);
});

const anyRules = fc.record(
  Object.fromEntries(TRIAGE_FACTS.map((fact) => [fact, fc.constantFrom(...ROUTES_FOR[fact])])),
) as unknown as fc.Arbitrary<TriageRules>;
const anyBag: fc.Arbitrary<Triaged> = fc.record({
  condition: fc.constantFrom(...CONDITIONS),
  bagCondition: fc.constantFrom(...BAG_CONDITIONS),
  alive: fc.integer({ min: 0, max: 4 }),
  dead: fc.integer({ min: 0, max: 2 }),
  late: fc.boolean(),
  longClosed: fc.boolean(),
  isFish: fc.boolean(),
});

it('whatever a lead set: a critical fish gets clean water, nothing but a known fish is offered a bath, and no more trouble makes less of a bag', () => {
  fc.assert(
    fc.property(anyBag, anyRules, (bag, rules) => {
      const { route, because } = routeOf(bag, rules);
      const pressing = (name: (typeof ROUTES)[number]) => ROUTES.indexOf(name);
      if (bag.condition === 'critical' && bag.alive > 0) expect(route).toBe('clean water now');
      if (!bag.isFish) expect(because.map((said) => said.route)).not.toContain('bath offered');
      expect(pressing(route)).toBe(Math.max(0, ...because.map((said) => pressing(said.route))));
      if (bag.alive > 0) expect(pressing(routeOf({ ...bag, dead: bag.dead + 1 }, rules).route)).toBeGreaterThanOrEqual(pressing(route));
    }),
    { seed: 17, numRuns: 2000 },
  );
});

it('heads by how they look: their sum, and the worst among them', () => {
  expect(headsIn({ fit: 4, tired: 1, critical: 1 })).toBe(6);
  expect(worstOf({ fit: 4, tired: 1, critical: 1 })).toBe('critical');
  expect(worstOf({ fit: 2, poor: 0 })).toBe('fit');
  expect(worstOf({})).toBe('fit');
});
