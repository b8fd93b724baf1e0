// The running strip: every timer in the house.
import { prepareRuns } from './bags.ts';
import type { MakeView } from './view.ts';

export const makeRunningView: MakeView<'running'> = (client) => {
  const runs = prepareRuns(client);
  return () => ({ runs: runs() });
};
