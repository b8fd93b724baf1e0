/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { PDFDocument } from 'pdf-lib';
import type { ClaimCard } from '#contract/views.ts';
import { parseCsv } from '#core/text/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW, press, sentAct } from '../testScreen.tsx';
import { claimCsv, claimedBags, claimedHeads, claimedSum, claimLetter } from '../words/claim.ts';
import Claims from './Claims.tsx';
import { claimPdf, wrapped } from './pdf.ts';

type Bag = ClaimCard['bags'][number];
const bag = (no: number, more: Partial<Bag> = {}): Bag => ({
  bag: `b${no}`,
  label: `bag ${no}`,
  box: 1,
  listed: 4,
  lot: 'l',
  lotLabel: 'firefish',
  origin: 'wild',
  afloat: false,
  ...more,
});
const landed = (alive: number, dead: number, more: object = {}) => ({
  by: 'Bram Tell',
  atMs: NOW,
  actId: 'a',
  alive,
  dead,
  condition: 'fit' as const,
  bagCondition: 'sound' as const,
  wrong: false,
  ...more,
});
const card = (more: Partial<ClaimCard> = {}): ClaimCard => ({
  crate: 'c',
  label: 'Yard, Tuesday',
  supplier: 'Yard',
  packedAtMs: NOW - 30 * HOUR_MS,
  promisedAtMs: NOW - 8 * HOUR_MS,
  arrivedAtMs: NOW - 3 * HOUR_MS,
  openedAtMs: NOW,
  counts: { dead: 1, short: 5, wrong: 0 },
  rule: { withinH: 4, from: 'arrival', leastDead: 1, evidence: 'photographs' },
  stage: 'open',
  history: [],
  bags: [
    bag(1, { landed: landed(4, 0, { condition: 'tired' }) }),
    bag(2, { landed: landed(2, 1, { bagCondition: 'foul' }), temperature: { value: 19.5, method: 'in the water', atMs: 1 } }),
    bag(3, { absent: { by: 'Bram Tell', atMs: NOW, actId: 'a' } }),
    bag(4),
  ],
  ...more,
});
const ways = { when: (ms: number) => `at ${(ms - NOW) / HOUR_MS} h`, sayC: (celsius: number) => `${celsius} °C`, house: 'Reed Street' };
const open = (claim: ClaimCard, role: 'keeper' | 'trainee' = 'keeper') => {
  const asked = answer({ '/api/views/claims': { body: { seq: 1, claims: [claim] } }, '/api/journal': { body: { seq: 2 } } });
  draw(
    <ActionProvider>
      <Claims />
    </ActionProvider>,
    role,
  );
  return asked;
};

it('the letter tells what was wrong, of which bags, and by when; what is tired but whole is no claim', () => {
  const letter = claimLetter(card(), ways);
  expect(letter).toMatch(/Claim, Yard, Tuesday: 1 dead, 5 short\./);
  expect(letter).toMatch(/packed at -30 h \(as stated\); promised at -8 h; arrived at -3 h; first bag opened at 0 h; closed 30 h/);
  expect(letter).toMatch(/- bag 2 \(box 1\), firefish: 1 of 3 dead, 1 short of 4, bag foul; seen at 0 h by Bram Tell, water 19\.5 °C/);
  expect(letter).toMatch(/- bag 3 .*not in the box: 4 short/);
  expect(letter).toMatch(/1 bag is not opened yet/);
  expect(letter).toMatch(/Evidence as you ask for it: photographs/);
  expect(letter).not.toMatch(/bag 1 |bag 4 /);
  // The bags of the letter come to the figures of its head.
  const short = claimedBags(card()).reduce(
    (sum, { listed, landed, absent }) => sum + (absent ? listed : listed - landed!.alive - landed!.dead),
    0,
  );
  expect(short).toBe(card().counts.short);
});

it('the same as a table, and as pages of a PDF that hold every line', async () => {
  const { rows } = parseCsv(claimCsv(card(), ways));
  expect(rows.map(({ cells }) => [cells[3], cells[6], cells[7], cells[8]])).toEqual([
    ['bag', 'listed', 'alive', 'dead'],
    ['bag 2', '4', '2', '1'],
    ['bag 3', '4', '', ''],
  ]);
  const bags = Array.from({ length: 90 }, (_, index) => bag(index, { landed: landed(0, 4, { note: 'Ж smells of ammonia' }) }));
  const bytes = await claimPdf('Claim', claimLetter(card({ bags }), ways));
  expect((await PDFDocument.load(bytes)).getPageCount()).toBeGreaterThan(1);
  expect(wrapped('one two three', (text) => text.length <= 7)).toEqual(['one two', 'three']);
  expect(wrapped('unbreakable', () => false)).toEqual(['unbreakable']);
});

it('what is claimed has its sum, where prices are known, and says of how many heads none is', () => {
  // Of 2 dead and 1 short of 4; of 4 absent: by hand.
  const bags = card().bags.map((known, index) => (index === 1 ? { ...known, price: 2.5 } : known));
  const heads = claimedBags({ bags }).map(claimedHeads);
  expect(heads.reduce((sum, n) => sum + n, 0)).toBe(card().counts.dead + card().counts.short);
  expect(claimedSum({ bags, currency: 'EUR' })).toEqual({ says: `${(heads[0]! * 2.5).toFixed(2)} EUR`, unpriced: heads[1] });
  expect(claimLetter(card({ bags, currency: 'EUR' }), ways)).toMatch(/In all .* EUR, without 4 heads whose price was not stated\./);
  expect(claimedSum(card())).toBeUndefined();
  expect(claimLetter(card(), ways)).not.toMatch(/In all/);
});

it('says how long their hours run, and writes that it was sent with the figures that are read', async () => {
  await outbox.signIn('p');
  const asked = open(card());
  expect(await screen.findByText(/Their hours end/)).toBeTruthy();
  await press(/^It is sent/);
  const act = await sentAct(asked);
  expect(act.entries[0]).toMatchObject({ kind: 'claim.sent', payload: { crate: 'c', counts: { dead: 1, short: 5, wrong: 0 } } });
});

it('what is not known of their rule is said; a trainee reads and writes nothing', async () => {
  const { rule: _none, ...unruled } = card();
  open(unruled, 'trainee');
  expect(await screen.findByText(/Nobody wrote down within how many hours Yard takes claims/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /It is sent/ })).toBeNull();
});

it('an answer is written with its amount, and not with one that is none', async () => {
  await outbox.signIn('p');
  const sent = { what: 'sent' as const, by: 'Bram Tell', atMs: NOW, actId: 'a', counts: card().counts };
  const asked = open(card({ stage: 'sent', history: [sent] }));
  fireEvent.click(await screen.findByRole('button', { name: 'credit' }));
  fireEvent.change(screen.getByLabelText('How much'), { target: { value: 'some' } });
  expect(screen.getByText('An amount is a number.')).toBeTruthy();
  fireEvent.change(screen.getByLabelText('How much'), { target: { value: '12,50' } });
  fireEvent.change(screen.getByLabelText('Currency'), { target: { value: 'eur' } });
  await waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: /^They answered: credit/ }).disabled).toBe(false));
  await press(/^They answered: credit/);
  const act = await sentAct(asked);
  expect(act.entries[0]).toMatchObject({ kind: 'claim.answered', payload: { answer: 'credit', amount: 12.5, currency: 'EUR' } });
});
