// The running strip: every timer in the house.
import { prepareFloats } from '../dock/bags.ts';
import { prepareRunCards, timersOf } from '../runs/cards.ts';
import { prepareStayLimits, temporaryOnly } from './moves.ts';
import type { MakeView } from './view.ts';

export const makeRunningView: MakeView<'running'> = (client) => {
  const floats = prepareFloats(client);
  const runs = prepareRunCards(client);
  const stayLimits = prepareStayLimits(client);
  return ({ now }) => ({ floats: floats(), vessels: timersOf(runs(now)), stays: temporaryOnly(stayLimits()) });
};
