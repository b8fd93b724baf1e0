import { CRATE_QUESTIONS, openQuestions } from './index.ts';

it('asks all that nobody stated, in the order of harm, and nothing twice', () => {
  expect(openQuestions({ stated: {} })).toEqual(CRATE_QUESTIONS);
  expect(openQuestions({ stated: { salinityPpt: 0, pH: 7 }, told: { lastMeal: 'not for a day' } })).toEqual([
    'temperature',
    'caught',
    'packedWith',
  ]);
  const told = { lastMeal: 'x', caught: 'bred', packedWith: 'air' as const };
  expect(openQuestions({ stated: { salinityPpt: 28, temperatureC: 24, pH: 8 }, told })).toEqual([]);
});
