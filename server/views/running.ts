// The running strip: every timer in the house.
import { prepareRuns } from './bags.ts';
import { prepareStays, temporaryOnly } from './moves.ts';
import type { MakeView } from './view.ts';

export const makeRunningView: MakeView<'running'> = (client) => {
  const runs = prepareRuns(client);
  const stays = prepareStays(client);
  return () => ({ runs: runs(), stays: temporaryOnly(stays()) });
};
