// A house in which nothing is due: what tests of due things begin from.
import { NO_CALL_FACTS } from './calls.ts';
import { NO_CHORE_FACTS } from './chores.ts';
import { NO_DOCK_FACTS } from './dock.ts';
import type { DueFacts } from './facts.ts';
import { NO_FOLLOW_UP_FACTS } from './followUps.ts';
import { NO_HEALING_FACTS } from './healing.ts';
import { NO_KITCHEN_FACTS } from './kitchen.ts';
import { NO_PREPARE_FACTS } from './prepare.ts';
import { NO_RUN_FACTS } from './runs.ts';
import { NO_ROOM_FACTS } from './stays.ts';
import { NO_WATER_TEST_FACTS } from './waterTests.ts';

export const NO_FACTS: DueFacts = {
  ...NO_DOCK_FACTS,
  ...NO_FOLLOW_UP_FACTS,
  ...NO_RUN_FACTS,
  ...NO_CALL_FACTS,
  ...NO_ROOM_FACTS,
  ...NO_PREPARE_FACTS,
  ...NO_KITCHEN_FACTS,
  ...NO_CHORE_FACTS,
  ...NO_HEALING_FACTS,
  ...NO_WATER_TEST_FACTS,
  settled: new Map(),
  assigned: new Map(),
};
