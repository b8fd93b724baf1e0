// The running strip: every timer in the house.
import { claimWindow, headsOf } from '#core/dock/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { prepareCleanWater, prepareFloats } from '../dock/bags.ts';
import { prepareClaims } from '../dock/claims.ts';
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
  return ({ now, rules }) => ({
    clean: clean(rules.cleanWaterMin),
    floats: floats(),
    vessels: timersOf(runs(now)),
    stays: temporaryOnly(stayLimits()),
    claims: windows(now),
  });
};
