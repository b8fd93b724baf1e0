// What is said of a claim, as entries. No screen in here.
import type { ClaimCard } from '#contract/views.ts';
import type { ClaimAnswer } from '#core/dock/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf } from '../parts/PlainForm.tsx';

type Claim = Pick<ClaimCard, 'crate' | 'counts'>;
export type Said = { note: string; amount: string; currency: string };

const noteOf = (note: string) => (note.trim() ? { note: note.trim() } : {});

/** What keeps an amount from being one, in words; undefined when it is right or not said. */
export function amountFault({ amount, currency }: Pick<Said, 'amount' | 'currency'>): string | undefined {
  const money = numberOf(amount.trim());
  if (amount.trim() !== '' && !(Number.isFinite(money) && money >= 0 && money <= 10_000_000)) return 'An amount is a number.';
  return currency.trim() === '' || /^[A-Za-z]{3}$/.test(currency.trim()) ? undefined : 'A currency has three letters, such as EUR.';
}

/** With the figures that stand in the letter. */
export const sentEntry = ({ crate, counts }: Claim, note: string): Draft => ({
  kind: 'claim.sent',
  payload: { crate, counts, ...noteOf(note) },
});

/** Call it only when `amountFault` finds nothing. */
export const answeredEntry = ({ crate }: Claim, answer: ClaimAnswer, { note, amount, currency }: Said): Draft => ({
  kind: 'claim.answered',
  payload: {
    crate,
    answer,
    ...(amount.trim() ? { amount: numberOf(amount.trim()) } : {}),
    ...(currency.trim() ? { currency: currency.trim().toUpperCase() } : {}),
    ...noteOf(note),
  },
});
