// What decide functions may ask of the house, all areas together. The server answers it from its projections inside the transaction, so that each entry sees
// what the ones before it in the act have done.
import type { BenchState } from '../bench/index.ts';
import type { ChoreState } from '../chores/index.ts';
import type { DockState } from '../dock/index.ts';
import type { ExposureState } from '../exposure/index.ts';
import type { FeedingState } from '../feeding/index.ts';
import type { HealingState } from '../healing/index.ts';
import type { Mark } from '../journal/index.ts';
import type { KitchenState } from '../kitchen/index.ts';
import type { MoveState } from '../moves/index.ts';
import type { NotedState } from '../noted/index.ts';
import type { PeopleState } from '../people/index.ts';
import type { PhotoState } from '../photos/index.ts';
import type { PlacementState } from '../placement/index.ts';
import type { PrepareState } from '../prepare/index.ts';
import type { QuarantineState } from '../quarantine/index.ts';
import type { RoomState } from '../room/index.ts';
import type { RoundState } from '../rounds/index.ts';
import type { RunState } from '../runs/index.ts';
import type { SettingsState } from '../settings/index.ts';
import type { SpeciesState } from '../species/index.ts';
import type { StockState } from '../stock/index.ts';
import type { SupplyState } from '../supplies/index.ts';
import type { TodayState } from '../today/index.ts';
import type { TreatmentState } from '../treatments/index.ts';
import type { WaterState } from '../water/index.ts';
import type { WaterTestState } from '../waterTests/index.ts';
import type { RecordedEntry } from './payloads.ts';

/** What the notebook itself asks: its acts, what rests on what, and which names are taken. */
export interface NotebookState {
  /** Something was called so once, whatever it was, void or not. */
  isTaken(id: string): boolean;
  /** When what others rest on was made last, void left out. */
  madeAt(ref: string): number | undefined;
  actEntries(actId: string): RecordedEntry[];
  findReversal(actId: string): Mark | undefined;
  /** Entries outside the act, not void, that rest on something that these ids made. */
  dependents(madeIds: string[], actId: string): RecordedEntry[];
  /** The same as it was at an instant, by what is dated until then. */
  balanceAt(lot: string, place: string, atMs: number): number;
}

export interface HouseState
  extends
    NotebookState,
    PeopleState,
    PhotoState,
    Omit<PrepareState, 'findRules'>,
    SpeciesState,
    RoomState,
    WaterState,
    Omit<WaterTestState, 'findRules'>,
    RoundState,
    FeedingState,
    Omit<KitchenState, 'findRules'>,
    SupplyState,
    Omit<ChoreState, 'findRules'>,
    HealingState,
    NotedState,
    TodayState,
    Omit<QuarantineState, 'rulesAt'>,
    Omit<PlacementState, 'findRules'>,
    TreatmentState,
    Omit<DockState, 'findRules'>,
    Omit<BenchState, 'findRules'>,
    Omit<MoveState, 'findRules'>,
    Omit<ExposureState, 'findRules'>,
    Omit<RunState, 'findRules'>,
    Omit<StockState, 'findRules'>,
    SettingsState {
  hasLead(): boolean;
}
