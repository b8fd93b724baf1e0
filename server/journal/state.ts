// Answers core's questions about the house from the projections, inside the transaction of the act being judged: each area's answers, put together.
// Plain prepared statements: each is asked many times an act.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { benchState } from '../bench/state.ts';
import { choreState } from '../chores/state.ts';
import { dockState } from '../dock/state.ts';
import { exposureState } from '../exposure/state.ts';
import { healingState } from '../healing/state.ts';
import { kitState } from '../water/kits.ts';
import { waterTestState } from '../waterTests/state.ts';
import { moveState } from '../moves/state.ts';
import { peopleState } from '../people/state.ts';
import { feedingState } from '../feeding/state.ts';
import { kitchenState } from '../kitchen/state.ts';
import { placementState } from '../placement/state.ts';
import { prepareState } from '../prepare/state.ts';
import { quarantineState } from '../quarantine/state.ts';
import { roomState } from '../room/state.ts';
import { roundState } from '../rounds/state.ts';
import { runState } from '../runs/state.ts';
import { settingsState } from '../settings/state.ts';
import { speciesState } from '../species/state.ts';
import { stockState } from '../stock/state.ts';
import { supplyState } from '../supplies/state.ts';
import { todayState } from '../today/state.ts';
import { treatmentState } from '../treatments/state.ts';
import { notebookState } from './notebookState.ts';
import type { JournalStore } from './store.ts';

export function makeHouseState(client: Database.Database, store: JournalStore): HouseState {
  const settings = settingsState(client);
  return {
    ...notebookState(client, store),
    ...settings,
    ...exposureState(client, settings),
    ...quarantineState(client, settings),
    ...benchState(client),
    ...choreState(client),
    ...healingState(client),
    ...kitState(client),
    ...waterTestState(client, settings),
    ...dockState(client),
    ...moveState(client),
    ...peopleState(client),
    ...placementState(client),
    ...prepareState(client),
    ...roomState(client),
    ...feedingState(client),
    ...kitchenState(client, settings),
    ...supplyState(client),
    ...roundState(client),
    ...runState(client),
    ...speciesState(client),
    ...stockState(client),
    ...todayState(client),
    ...treatmentState(client),
  };
}
