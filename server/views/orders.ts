// What the house wants, what it has ordered, and what came alive of each supplier before.
import { DAY_MS } from '#core/time/index.ts';
import { prepareCame, prepareOrders } from '../dock/orders.ts';
import type { MakeView } from './view.ts';

/** Older orders are history: the logbook has them. */
const SHOWN_MS = 400 * DAY_MS;

export const makeOrdersView: MakeView<'orders'> = (client) => {
  const orders = prepareOrders(client);
  const came = prepareCame(client);
  return ({ now }) => ({ ...orders(now - SHOWN_MS), came: came() });
};
