// What a landed bag asks for before anything else, by the rules of the house: each fact about it has a way, the most pressing way is the bag's, and every
// fact that speaks is told. Pure; the words and the why are the screen's.
import { isFoul, isSoft, type BagOpening, type Condition } from './entries.ts';

/** From nothing special to what cannot wait. */
export const ROUTES = ['as usual', 'bath offered', 'quarantine without medicine', 'observation tank', 'clean water now'] as const;
export type Route = (typeof ROUTES)[number];
export const TRIAGE_FACTS = ['critical', 'soft', 'foul', 'poor', 'tired', 'dead in the bag', 'late', 'long closed'] as const;
export type TriageFact = (typeof TRIAGE_FACTS)[number];
export type TriageRules = Record<TriageFact, Route>;

/** What a lead may set for each: a critical fish is never sent on its way as it is. */
export const ROUTES_FOR: Readonly<Record<TriageFact, readonly Route[]>> = {
  critical: ['clean water now'],
  soft: ['clean water now', 'observation tank'],
  foul: ['clean water now', 'observation tank'],
  poor: ['observation tank', 'quarantine without medicine', 'clean water now'],
  tired: ['quarantine without medicine', 'observation tank', 'clean water now'],
  'dead in the bag': ['as usual', 'bath offered', 'quarantine without medicine', 'observation tank', 'clean water now'],
  late: ['as usual', 'bath offered', 'quarantine without medicine', 'observation tank'],
  'long closed': ['as usual', 'bath offered', 'quarantine without medicine', 'observation tank'],
};
export const STARTING_TRIAGE: TriageRules = {
  critical: 'clean water now',
  soft: 'clean water now',
  foul: 'clean water now',
  poor: 'observation tank',
  tired: 'quarantine without medicine',
  'dead in the bag': 'quarantine without medicine',
  late: 'bath offered',
  'long closed': 'bath offered',
};

export type Triaged = {
  condition: Condition;
  bagCondition: BagOpening;
  alive: number;
  dead: number;
  /** Against the house's hours. */
  late?: boolean;
  longClosed?: boolean;
  /** A bath is for what is known to be a fish, whatever the rule says. */
  isFish: boolean;
};
export type Advised = { route: Route; because: { fact: TriageFact; route: Route }[] };

const speaks: Readonly<Record<TriageFact, (bag: Triaged) => boolean>> = {
  critical: ({ condition }) => condition === 'critical',
  soft: ({ bagCondition }) => isSoft(bagCondition),
  foul: ({ bagCondition }) => isFoul(bagCondition),
  poor: ({ condition }) => condition === 'poor',
  tired: ({ condition }) => condition === 'tired',
  'dead in the bag': ({ dead }) => dead > 0,
  late: ({ late }) => late === true,
  'long closed': ({ longClosed }) => longClosed === true,
};

/** Of two ways the more pressing one. */
const sooner = (a: Route, b: Route): Route => (ROUTES.indexOf(a) >= ROUTES.indexOf(b) ? a : b);

/** Nothing lives in it: nothing is asked for. Facts in the order of need, each with the way that the house gives it. */
export function routeOf(bag: Triaged, rules: TriageRules): Advised {
  if (bag.alive === 0) return { route: 'as usual', because: [] };
  const because = TRIAGE_FACTS.filter((fact) => speaks[fact](bag))
    .map((fact) => ({ fact, route: !bag.isFish && rules[fact] === 'bath offered' ? ('as usual' as const) : rules[fact] }))
    .filter(({ route }) => route !== 'as usual');
  return { route: because.reduce<Route>((worst, { route }) => sooner(worst, route), 'as usual'), because };
}

/** Heads of a bag by how they look; what is none is left out. */
export type EachFish = Partial<Record<Condition, number>>;
/** From fit to critical, for what hurts most to be told first and last. */
const BY_NEED: readonly Condition[] = ['critical', 'poor', 'tired', 'fit'];
/** The worst that is among them: by it the bag is handled. */
export const worstOf = (each: EachFish): Condition => BY_NEED.find((condition) => (each[condition] ?? 0) > 0) ?? 'fit';
export const headsIn = (each: EachFish): number => BY_NEED.reduce((sum, condition) => sum + (each[condition] ?? 0), 0);
