import { SPECIES } from '#demo/species.ts';
import type { SpeciesFacts } from '../species/index.ts';
import {
  CALM_SYSTEM,
  compatibilityOf,
  STARTING_PLACES,
  type CandidateTank,
  type Newcomer,
  type PlaceRules,
  type Resident,
} from './index.ts';

const species = (id: string): SpeciesFacts => {
  const { species: key, ...facts } = SPECIES.find((species) => species.species === id)!;
  return { id: key, ...facts };
};
const FIRE = species('firefish');
const CHROMIS = species('green-chromis');
const tank = (more: Partial<CandidateTank> = {}): CandidateTank => ({
  purpose: 'quarantine',
  lid: true,
  type: 'marine',
  temperatureC: 25,
  salinityPpt: 33,
  volumeL: 60,
  systemState: CALM_SYSTEM,
  ...more,
});
const newcomer = (more: Partial<Newcomer> = {}): Newcomer => ({
  species: FIRE,
  sizeCm: 6,
  lot: 'new',
  n: 2,
  quarantineDone: false,
  ...more,
});
type More = { tank?: Partial<CandidateTank>; residents?: Resident[]; coming?: Resident[]; rules?: PlaceRules };
const judged = (who: Newcomer, { tank: of, residents = [], coming, rules = STARTING_PLACES }: More = {}) =>
  compatibilityOf(who, tank(of), { residents, coming, rules, now: 0 });
const factOf = (code: string, ...given: Parameters<typeof judged>) =>
  judged(...given).find((compatibilityReason) => compatibilityReason.code === code)?.facts;

it('room is needed by those that live there, by these, by more of them, and by others that are to come', () => {
  // 60 L of sea water at 0.8 cm/L are 48 cm. 8 × 6 = 48 cm just fit; a ninth does not.
  expect(factOf('cost.crowded', newcomer({ n: 2, more: 6 }))).toBeUndefined();
  expect(factOf('cost.crowded', newcomer({ n: 2, more: 7 }))).toMatchObject({
    size: Math.round((54 / 48) * 100) / 100,
    cm: expect.closeTo(54, 0) as unknown,
    litres: 60,
    limit: 0.8,
  });
  const coming: Resident[] = [{ species: CHROMIS, sizeCm: 4, lot: 'others', label: 'green chromis', n: 10 }];
  const residents: Resident[] = [{ species: FIRE, sizeCm: 6, lot: 'here', n: 1 }];
  expect(factOf('cost.crowded', newcomer(), { coming, residents })).toMatchObject({ size: Math.round(((12 + 40 + 6) / 48) * 100) / 100 });
  expect(factOf('cost.coming', newcomer(), { coming })).toEqual({ who: '10 green chromis', size: 10 });
});

it('residents whose length nobody knows take room that is not counted, and that is said', () => {
  const { adultCm: _unknown, ...blank } = { ...CHROMIS, id: 'blank', common: 'grey damsel' };
  const here = (more: Partial<Resident>): Resident[] => [{ species: blank, lot: 'here', n: 5, ...more }];
  expect(factOf('cost.lengthNotKnown', newcomer(), { residents: here({}) })).toEqual({ who: 'grey damsel', size: 1 });
  expect(factOf('cost.lengthNotKnown', newcomer(), { coming: here({}) })).toEqual({ who: 'grey damsel', size: 1 });
  expect(factOf('cost.lengthNotKnown', newcomer(), { residents: here({ sizeCm: 4 }) })).toBeUndefined();
  expect(factOf('cost.lengthNotKnown', newcomer(), { residents: here({ species: CHROMIS }) })).toBeUndefined();
});

it('breeding stock is shut to what is not cleared, and a cost to what is', () => {
  const residents: Resident[] = [{ species: CHROMIS, sizeCm: 6, lot: 'pair', n: 2 }];
  const codes = (who: Newcomer, more: More = {}) =>
    judged(who, { tank: { purpose: 'breeding' }, ...more })
      .map(({ code }) => code)
      .filter((code) => code === 'fit.saleBeforeQuarantine' || code === 'cost.breeding');
  expect(codes(newcomer(), { residents })).toEqual(['fit.saleBeforeQuarantine', 'cost.breeding']);
  expect(codes(newcomer({ quarantineDone: true }), { residents })).toEqual(['cost.breeding']);
  expect(codes(newcomer({ quarantineDone: true }))).toEqual([]);
  expect(codes(newcomer({ quarantineDone: true, lot: 'pair' }), { residents })).toEqual([]);
});

it.each([
  ['strong', true, true],
  ['strong', false, false],
  ['middling', true, false],
  [undefined, true, false],
] as const)('flow %p, weak %p: asked about %p', (flow, weak, asked) => {
  expect(factOf('cost.strongFlow', newcomer({ weak }), { tank: { flow } }) !== undefined).toBe(asked);
});

it('a cost that the house made a rule wants a lead, and no other', () => {
  const rules: PlaceRules = { ...STARTING_PLACES, leadOnly: ['cost.crowded'] };
  const reasons = judged(newcomer({ n: 20 }), { tank: { suspect: true }, rules });
  expect(reasons.map(({ code, lead }) => [code, lead])).toEqual(
    expect.arrayContaining([
      ['cost.crowded', true],
      ['cost.suspect', undefined],
    ]),
  );
});

it('what came weak is asked about where it cannot be watched, and where medicine is in the water', () => {
  const codes = (...given: Parameters<typeof judged>) => judged(...given).map(({ code }) => code);
  const copper = { systemState: { ...CALM_SYSTEM, treatments: ['copper' as const] } };
  const poor = newcomer({ need: 'observation tank', weak: true });
  expect(codes(poor)).toContain('cost.notObservation');
  expect(codes(poor, { tank: { purpose: 'observation' } })).not.toContain('cost.notObservation');
  // An hour in a bucket is no first tank.
  expect(codes(poor, { tank: { vessel: 'bucket' } })).not.toContain('cost.notObservation');
  expect(factOf('cost.medicineNow', poor, { tank: { purpose: 'observation', ...copper } })).toEqual({ what: 'copper', size: 1 });
  expect(factOf('cost.medicineNow', newcomer({ need: 'no medicine' }), { tank: copper })).toBeDefined();
  // Weak by what was seen of them since, whatever they came like.
  expect(factOf('cost.medicineNow', newcomer({ weak: true }), { tank: copper })).toBeDefined();
  expect(codes(newcomer({ weak: true }))).not.toContain('cost.medicineNow');
  expect(codes(newcomer(), { tank: copper })).not.toContain('cost.medicineNow');
});

it('a name that is a guess is said to be one, of the newcomers and of who lives there, and harmless to them is no treatment', () => {
  const guessed: Resident[] = [{ species: CHROMIS, sizeCm: 4, lot: 'here', n: 2, guessed: true }];
  expect(factOf('cost.guessedKind', newcomer(), { residents: [{ ...guessed[0]!, guessed: false }] })).toBeUndefined();
  expect(factOf('cost.guessedKind', newcomer({ guessed: true }))).toEqual({ who: 'firefish', size: 1 });
  expect(factOf('cost.guessedKind', newcomer({ guessed: true }), { residents: guessed })).toEqual({
    who: 'firefish, green chromis',
    size: 2,
  });
  const dye = { systemState: { ...CALM_SYSTEM, treatments: ['dye' as const] } };
  const hardy = newcomer({ species: { ...FIRE, shyOf: [] } });
  expect(factOf('fit.shyOfTreatment', hardy, { tank: dye })).toBeUndefined();
  expect(factOf('fit.shyOfTreatment', { ...hardy, guessed: true }, { tank: dye })).toMatchObject({ known: false });
});
