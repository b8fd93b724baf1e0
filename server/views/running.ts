// The running strip: every timer in the house.
import { claimWindow, headsOf } from '#core/dock/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { dueId } from '#core/today/index.ts';
import { makeAsk } from '../db/ask.ts';
import { prepareCleanWater, prepareFloats } from '../dock/bags.ts';
import { prepareClaims } from '../dock/claims.ts';
import { prepareBatches, standing } from '../kitchen/batches.ts';
import { prepareStillIn } from '../kitchen/due.ts';
import { prepareRunCards, timersOf } from '../runs/cards.ts';
import { prepareStayLimits, temporaryOnly } from './moves.ts';
import type { MakeView } from './view.ts';

const LONGEST_WINDOW_MS = 30 * DAY_MS;

export const makeRunningView: MakeView<'running'> = (client) => {
  const floats = prepareFloats(client);
  const runs = prepareRunCards(client);
  const stayLimits = prepareStayLimits(client);
  const claims = prepareClaims(client);
  // Only a window that still runs is a timer; what comes too late is Today's.
  const windows = (now: number) =>
    claims.waiting(now - LONGEST_WINDOW_MS).flatMap((claim) => {
      const window = claimWindow(claim);
      return window && window.endMs > now ? [{ crate: claim.crate, label: claim.label, n: headsOf(claim.counts), ...window }] : [];
    });
  const clean = prepareCleanWater(client);
  const batches = prepareBatches(client);
  const stillIn = prepareStillIn(client);
  const isOut = makeAsk(client).is("select 1 from p_due where due = ? and kind in ('done', 'skipped') and voided_by is null");
  return ({ now, rules }) => ({
    kitchen: batches(now).flatMap((card) =>
      card.foods.flatMap((line) => {
        const stands = standing(card, line, { now, keepsH: rules.kitchen.thawedKeepsH });
        return stands.is === 'thawing' || stands.is === 'soaking'
          ? [{ batch: card.batch, food: line.food, name: line.name, ...stands }]
          : [];
      }),
    ),
    stillIn: stillIn(now)
      .filter(({ entry }) => !isOut(dueId(entry, 'food-out', 'out')))
      .map(({ entry, tankCode, what, atMs, outMs }) => ({ entry, tankCode, what, atMs, outMs })),
    clean: clean(rules.cleanWaterMin),
    floats: floats(),
    vessels: timersOf(runs(now)),
    stays: temporaryOnly(stayLimits()),
    claims: windows(now),
  });
};
