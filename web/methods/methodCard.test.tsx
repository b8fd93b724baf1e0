/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { checkAct } from '#contract/act.ts';
import { knownOf } from '#contract/bench/known.ts';
import type { BenchBag } from '#contract/views.ts';
import { inputOf } from '#core/bench/index.ts';
import type { Act } from '#core/catalogue/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW } from '../testScreen.tsx';
import { answersTo, type Answer, type Question } from './compute.ts';
import { benchBag } from './testBag.ts';
import { MethodCard } from './MethodCard.tsx';

/** The worker's own code without the worker; the draws are left to its own test. */
class PointsOnly {
  onmessage?: (event: { data: { no: number; answer: Answer } }) => void;
  postMessage({ no, question }: { no: number; question: Question }): void {
    for (const step of answersTo({ ...question, draws: 0 })) {
      if (step && step.step !== 'bands') this.onmessage?.({ data: { no, answer: step } });
      if (step?.step === 'limits') break;
    }
  }
  terminate(): void {}
}
globalThis.Worker = PointsOnly as unknown as typeof Worker;
// jsdom draws no canvas; what is drawn is tested in the browser.
HTMLCanvasElement.prototype.getContext = () => null;

const bag: BenchBag = benchBag({
  waterL: 0.3,
  lotLabel: 'banggai cardinalfish',
  sizeCm: 4,
  system: { id: 'salt', type: 'marine', temperatureC: 25.4, salinityPpt: 31, purpose: 'quarantine', volumeL: 300, readings: {} },
  packedAtMs: NOW - 34 * HOUR_MS,
  lotBags: 2,
});

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } } });
  await outbox.signIn('p');
});
const card = (more: Partial<BenchBag> = {}, siblings: BenchBag[] = []) =>
  draw(
    <ActionProvider>
      <MethodCard bag={{ ...bag, ...more }} siblings={siblings} onSkip={() => undefined} />
    </ActionProvider>,
  );
const acts = () => asked.filter(({ path }) => path === '/api/journal').map(({ body }) => body as Act);
const button = (name: RegExp) => screen.getByRole<HTMLButtonElement>('button', { name });

it('names the way that hurts least, and following it is one entry for each bag of the lot', async () => {
  card({}, [{ ...bag, bag: 'bag-2', label: 'bag 2' }]);
  await waitFor(() => expect(button(/^Follow: match, float, net/).disabled).toBe(false));
  fireEvent.click(button(/^Follow:/));
  await waitFor(() => expect(acts()).toHaveLength(1));
  expect(checkAct(acts()[0])).toMatchObject({ ok: true });
  expect(acts()[0]!.entries.map(({ kind, payload }) => [kind, (payload as { bag: string }).bag])).toEqual([
    ['method.chosen', 'bag-1'],
    ['method.chosen', 'bag-2'],
  ]);
  expect(acts()[0]!.entries[0]!.payload).toMatchObject({ method: 'match, float, net', advised: 'match, float, net' });
});

it('another method wants a reason, unless it is the house’s own', async () => {
  const houseMethods = { ...STARTING_RULES.houseMethods, long: { ...STARTING_RULES.houseMethods.long, marine: 'drip' as const } };
  const rules = STARTING_RULES as { houseMethods: typeof houseMethods };
  const usual = rules.houseMethods;
  rules.houseMethods = houseMethods;
  card();
  expect(await screen.findByText(/The house’s default method for such a bag is drip; the numbers say match, float, net/)).toBeTruthy();
  fireEvent.click(button(/^cup exchange/));
  expect(button(/^Choose: cup exchange/).disabled).toBe(true);
  fireEvent.change(screen.getByLabelText(/^Why cup exchange/), { target: { value: 'hurry' } });
  await waitFor(() => expect(button(/^Choose: cup exchange/).disabled).toBe(false));
  fireEvent.click(button(/^drip/));
  expect(screen.queryByLabelText(/^Why/)).toBeNull();
  expect(button(/^Choose: drip/).disabled).toBe(false);
  rules.houseMethods = usual;
});

it('over tolerance only a lead goes on, and a keeper is told so', async () => {
  card();
  fireEvent.click(await screen.findByRole('button', { name: /^float and net/ }));
  expect(screen.getByText(/over the tolerance of these fish. Only a lead goes on with it/)).toBeTruthy();
  expect(button(/^Choose: float and net/).disabled).toBe(true);
  expect(screen.queryByLabelText(/^Why/)).toBeNull();
});

it('a bag whose salinity nobody knows asks for that first: one field, one tap, and the middle of what may be is shown nowhere as its value', async () => {
  card({ stated: {}, kind: { is: 'fish', salinityPpt: { min: 0, max: 35 }, temperatureC: { min: 22, max: 28 }, water: ['brackish'] } });
  expect(await screen.findByText('Salinity of bag 1')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Follow/ })).toBeNull();
  const fact = screen.getByRole<HTMLInputElement>('textbox', { name: 'bag 1, salinity, ppt' });
  expect([fact.value, fact.placeholder]).toEqual(['', '0–35?']);
  fireEvent.click(button(/^fast siphon/));
  expect(await screen.findByText(/Nobody knows the bag’s salinity/)).toBeTruthy();
  expect(button(/^Choose: fast siphon/).disabled).toBe(true);
  expect(screen.queryByText('Salinity of bag 1')).toBeNull();
  fireEvent.click(button(/^back to its salinity/));
  expect(screen.getByText('Salinity of bag 1')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Choose/ })).toBeNull();
});

it('salinity measured from the front is a reading of the bag', async () => {
  card({ stated: {} });
  fireEvent.change(await screen.findByLabelText(/^Salinity in the bag/), { target: { value: '0.3 ppt' } });
  await waitFor(() => expect(button(/^Write salinity/).className).not.toContain('settling'));
  fireEvent.click(button(/^Write salinity/));
  await waitFor(() => expect(acts()).toHaveLength(1));
  expect(acts()[0]!.entries[0]!.payload).toMatchObject({ quantity: 'salinity', reading: { value: 0.3, source: 'measured' } });
});

it('a fact typed is a reading in its own unit, with what it refers to; nonsense stays in the field', async () => {
  card();
  const field = await screen.findByRole<HTMLInputElement>('textbox', { name: 'bag 1, salinity, ppt' });
  fireEvent.change(field, { target: { value: '25 mS' } });
  expect(screen.getByRole('alert').textContent).toMatch(/compensated to 25 °C/);
  fireEvent.blur(field);
  expect(acts()).toEqual([]);
  fireEvent.change(field, { target: { value: '1.022' } });
  fireEvent.blur(field);
  await waitFor(() => expect(acts()).toHaveLength(1));
  expect(checkAct(acts()[0])).toMatchObject({ ok: true });
  expect(acts()[0]!.entries[0]!.payload).toMatchObject({
    subject: { kind: 'bag', id: 'bag-1' },
    quantity: 'salinity',
    reading: { typed: '1.022', reference: '25/25', source: 'measured', value: expect.closeTo(29.2, 1) as number },
  });
});

it('says what makes a bag hard to judge, and marks each fact with where it came from', async () => {
  card({ landed: { ...bag.landed!, bagCondition: 'foul' } });
  expect(await screen.findByText(/outside the calculation: take the ammonia as/)).toBeTruthy();
  const row = screen.getByRole('textbox', { name: 'bag 1, salinity, ppt' }).closest('tr')!;
  expect(row.textContent).toMatch(/stated/);
  expect(screen.getByRole('textbox', { name: /^bag 1, pH/ }).getAttribute('placeholder')).toMatch(/^≈ \d/);
});

it('an open tub cannot float: the order follows what the bag is', async () => {
  card();
  await waitFor(() => expect(button(/^Follow: match, float, net/)).toBeTruthy());
  fireEvent.change(screen.getByLabelText('The bag is'), { target: { value: 'an open tub' } });
  await waitFor(() => expect(screen.getByText(/float and net \(an open tub cannot float\)/)).toBeTruthy());
  expect(screen.queryByRole('button', { name: /^Follow: match/ })).toBeNull();
  fireEvent.change(screen.getByLabelText('The bag is'), { target: { value: 'closed' } });
  const before = screen.getByText(/^In the bag now/).textContent;
  fireEvent.click(button(/^Fed before/));
  await waitFor(() => expect(screen.getByText(/^In the bag now/).textContent).not.toBe(before));
});

it('answers in steps: points, bands from twenty draws on, then what would turn it; a fault at once', () => {
  const { input, doubts, measureFirst } = inputOf({ ...knownOf(bag), now: NOW, ambient: STARTING_RULES.ambient });
  const steps = [...answersTo({ input, doubts, measureFirst, draws: 22 })].flatMap((step) => (step ? [step.step] : []));
  expect(steps).toEqual(['points', 'limits', 'bands', 'bands', 'turns']);
  const wrong = { ...input, bag: { ...input.bag, waterL: 0 } };
  expect([...answersTo({ input: wrong, doubts, measureFirst, draws: 5 })]).toEqual([
    { step: 'fault', faults: [{ field: 'bag.waterL', code: 'aboveZero' }] },
  ]);
});
