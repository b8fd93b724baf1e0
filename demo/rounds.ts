// The walks of the story: every tank twice a day, mostly well; meals in the morning; now and then a sign, a loss.
import type { RoundTank } from '#contract/views.ts';
import { SIGN_CLASS, signsFor, type Cause, type LotCheck, type Response, type Sign } from '#core/rounds/index.ts';
import type { Said, Teller } from './teller.ts';

const KEEPERS = ['odalys', 'wim', 'ines'] as const;
const MINOR_SIGNS: readonly Sign[] = ['torn fin', 'chased', 'scrape'];
const FOODS = {
  fresh: ['crushed flake', 'frozen brine shrimp', 'micro pellets'],
  marine: ['frozen brine shrimp', 'frozen mysis', 'chopped clam'],
} as const;
const RESPONSES: readonly Response[] = ['looked', 'tasted', 'ate', 'ate', 'ate', 'ate', 'charged', 'charged'];
const SECONDS_A_TANK = 35_000;

/** Trouble that the story wants: signs in one tank on one day, or a lot that does not eat. */
export type Trouble = { tank: string; day: number; round: 'morning' | 'evening'; sign: Sign; n?: number };

export type Walk = {
  atMs: number;
  day: number;
  round: 'morning' | 'evening';
  troubles: readonly Trouble[];
  riskOf: (lot: string, atMs: number) => number;
  /** Nobody came there that day. */
  passedBy: (tank: string) => boolean;
};

export function tellRound(teller: Teller, walk: Walk): void {
  const who = teller.pick(KEEPERS);
  let atMs = walk.atMs;
  // The walk is planned before it begins, from the same view that a keeper sees.
  for (const tank of teller.house.view('rounds', { round: walk.round }).tanks) {
    if (walk.passedBy(tank.code)) continue;
    atMs += SECONDS_A_TANK;
    teller.tell(atMs, who, ...lookAt(teller, tank, walk, atMs));
  }
}

function lookAt(teller: Teller, tank: RoundTank, walk: Walk, atMs: number): Said[] {
  const trouble = walk.troubles.find((trouble) => trouble.tank === tank.code && trouble.day === walk.day && trouble.round === walk.round);
  const losses = tank.lots.flatMap(({ lot, n }) => lossOf(teller, { lot, n, tank: tank.id, risk: walk.riskOf(lot, atMs) }));
  const minor = !trouble && losses.length === 0 && teller.chance() < 0.012 ? teller.pick(MINOR_SIGNS) : undefined;
  const lots = tank.lots.map(({ lot, n, is }, index): LotCheck => {
    const told = index === 0 ? (trouble?.sign ?? minor) : undefined;
    // A shrimp has no fins to tear and no white spots.
    const sign = told === undefined || signsFor(is).includes(told) ? told : SIGN_CLASS[told] === 'illness' ? 'fungus' : 'chased';
    return {
      lot,
      expected: n,
      seen: losses.some((loss) => loss.payload.lot === lot) ? n - 1 : null,
      signs: sign ? [{ sign, ...(trouble?.n ? { n: trouble.n } : {}) }] : [],
    };
  });
  const allWell = lots.every(({ signs, seen }) => signs.length === 0 && seen === null);
  const meals: Said[] =
    walk.round === 'morning' ? tank.lots.map(({ lot }) => mealOf(teller, tank, lot, trouble?.sign === 'not eating')) : [];
  return [{ kind: 'tank.checked', payload: { tank: tank.id, day: walk.day, round: walk.round, allWell, lots } }, ...losses, ...meals];
}

function lossOf(
  teller: Teller,
  { lot, n, tank, risk }: { lot: string; n: number; tank: string; risk: number },
): Extract<Said, { kind: 'loss.recorded' }>[] {
  if (teller.chance() >= 1 - (1 - risk) ** n) return [];
  const cause = teller.pick<Cause>(risk > 0.02 ? ['transit', 'bad water', 'acclimation'] : ['injury', 'bullied', 'jumped', 'not known']);
  return [{ kind: 'loss.recorded', payload: { lot, place: tank, n: 1, cause, sure: 'guess' } }];
}

function mealOf(teller: Teller, tank: RoundTank, lot: string, refuses: boolean): Said {
  const marine = /^[CGQV]|K2|S2/.test(tank.code);
  const response = refuses ? 'ignored' : teller.pick(RESPONSES);
  return { kind: 'lot.fed', payload: { tank: tank.id, lot, food: teller.pick(FOODS[marine ? 'marine' : 'fresh']), response } };
}
