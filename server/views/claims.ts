// Claims: what waits to be sent first, then what was sent and answered.
import type { ClaimCard } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';
import { prepareClaims } from '../dock/claims.ts';
import type { MakeView } from './view.ts';

/** Claims of older crates are history: the logbook has them. */
const SHOWN_MS = 60 * DAY_MS;

export const makeClaimsView: MakeView<'claims'> = (client) => {
  const claims = prepareClaims(client);
  const isOpen = ({ stage }: ClaimCard) => stage === 'open' || stage === 'grown';
  return ({ now }) => {
    const cards = claims.cards(now - SHOWN_MS);
    return { claims: [...cards.filter(isOpen), ...cards.filter((card) => !isOpen(card))] };
  };
};
