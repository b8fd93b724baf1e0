// What due things are derived from: rows of what happened, gathered by the server. Each file of rules says what its own are told.
import type { CallFacts } from './calls.ts';
import type { ChoreDueFacts } from './chores.ts';
import type { DockFacts } from './dock.ts';
import type { HealingDueFacts } from './healing.ts';
import type { FollowUpFacts } from './followUps.ts';
import type { KitchenDueFacts } from './kitchen.ts';
import type { PrepareDueFacts } from './prepare.ts';
import type { RunFacts } from './runs.ts';
import type { RoomFacts } from './stays.ts';
import type { AssignedBy, SettledBy } from './thing.ts';
import type { WaterTestDueFacts } from './waterTests.ts';

export type DueFacts = DockFacts &
  FollowUpFacts &
  RunFacts &
  CallFacts &
  RoomFacts &
  PrepareDueFacts &
  KitchenDueFacts &
  ChoreDueFacts &
  HealingDueFacts &
  WaterTestDueFacts & {
    /** What was decided of a due thing last, by its id, however long ago. */
    settled: SettledBy;
    /** Whose a thing was said to be. */
    assigned: AssignedBy;
  };
