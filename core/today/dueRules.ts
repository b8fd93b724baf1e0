// Every due rule in one table. A rule that is added here must have its words in web, by type.
import { callDue } from './calls.ts';
import { choreDue } from './chores.ts';
import { dockDue } from './dock.ts';
import { followUpDue } from './followUps.ts';
import { healingDue } from './healing.ts';
import { kitchenDue } from './kitchen.ts';
import { prepareDue } from './prepare.ts';
import { runDue } from './runs.ts';
import { roomDue } from './stays.ts';
import { waterTestDue } from './waterTests.ts';

export const dueRules = {
  ...dockDue,
  ...followUpDue,
  ...runDue,
  ...callDue,
  ...roomDue,
  ...prepareDue,
  ...kitchenDue,
  ...choreDue,
  ...healingDue,
  ...waterTestDue,
};
export type DueRule = keyof typeof dueRules;
