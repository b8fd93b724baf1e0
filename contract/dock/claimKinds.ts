// Kinds of entries about claims.
import { CLAIM_ANSWERS, type ClaimCounts, type ClaimEntries } from '#core/dock/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, count, finite, id, note } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';
import { currency } from './money.ts';

export const claimKinds: Kinds<ClaimEntries> = {
  'claim.sent': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock'],
    schema: { crate: id(), counts: schemaOf<ClaimCounts>({ dead: count(), short: count(), wrong: count() }), note: note() },
    example: { crate: 'pelican-0', counts: { dead: 2, short: 1, wrong: 0 }, note: 'by mail' },
  }),
  'claim.answered': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock'],
    schema: {
      crate: id(),
      answer: choice(CLAIM_ANSWERS),
      amount: finite(0, 10_000_000).optional(),
      currency: currency().optional(),
      note: note(),
    },
    example: { crate: 'pelican-0', answer: 'credit', amount: 14.5, currency: 'EUR', note: 'off the next invoice' },
  }),
};
