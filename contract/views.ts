// What each screen reads in one request, put together from the areas. All carry `seq`: how much of the journal they have seen.
import type { Topic, TopicsOf } from './basics/topics.ts';
import { benchViewTopics, type BenchViews } from './bench/views.ts';
import { choresViewTopics, type ChoresViews } from './chores/views.ts';
import { waterTestViewTopics, type WaterTestViews } from './waterTests/views.ts';
import { dockViewTopics, type DockViews } from './dock/views.ts';
import { findViewTopics, type FindViews } from './find/views.ts';
import { kitchenViewTopics, type KitchenViews } from './kitchen/views.ts';
import { movesViewTopics, type MovesViews } from './moves/views.ts';
import { notebookViewTopics, type NotebookViews } from './notebook/views.ts';
import { prepareViewTopics, type PrepareViews } from './prepare/views.ts';
import { quarantineViewTopics, type QuarantineViews } from './quarantine/views.ts';
import { roomViewTopics, type RoomViews } from './room/views.ts';
import { roundsViewTopics, type RoundsViews } from './rounds/views.ts';
import { runningViewTopics, type RunningViews } from './running/views.ts';
import { settingsViewTopics, type SettingsViews } from './settings/views.ts';
import { speciesViewTopics, type SpeciesViews } from './species/views.ts';
import { stockViewTopics, type StockViews } from './stock/views.ts';
import { todayViewTopics, type TodayViews } from './today/views.ts';
import { waterViewTopics, type WaterViews } from './water/views.ts';

export type * from './bench/views.ts';
export type * from './chores/views.ts';
export type * from './noted/views.ts';
export type * from './waterTests/views.ts';
export type * from './dock/views.ts';
export type * from './exposure/views.ts';
export type * from './find/views.ts';
export type * from './healing/views.ts';
export type * from './kitchen/views.ts';
export type * from './moves/views.ts';
export type * from './notebook/views.ts';
export { isLogbookGroup, kindsOfGroup, LOGBOOK_GROUPS, type LogbookGroup } from './notebook/groups.ts';
export type * from './people/views.ts';
export type * from './photos/views.ts';
export type * from './prepare/views.ts';
export type * from './quarantine/views.ts';
export type * from './room/views.ts';
export type * from './rounds/views.ts';
export type * from './running/views.ts';
export type * from './runs/views.ts';
export type * from './settings/views.ts';
export type * from './species/views.ts';
export type * from './stock/views.ts';
export type * from './today/views.ts';
export type * from './water/views.ts';

export type Views = BenchViews &
  ChoresViews &
  WaterTestViews &
  DockViews &
  FindViews &
  KitchenViews &
  MovesViews &
  NotebookViews &
  PrepareViews &
  QuarantineViews &
  RoomViews &
  RoundsViews &
  RunningViews &
  SettingsViews &
  SpeciesViews &
  StockViews &
  TodayViews &
  WaterViews;
export type ViewName = keyof Views;

/** What makes a view be read again. */
export const VIEW_TOPICS: TopicsOf<Views> = {
  ...benchViewTopics,
  ...choresViewTopics,
  ...waterTestViewTopics,
  ...dockViewTopics,
  ...findViewTopics,
  ...kitchenViewTopics,
  ...movesViewTopics,
  ...notebookViewTopics,
  ...prepareViewTopics,
  ...quarantineViewTopics,
  ...roomViewTopics,
  ...roundsViewTopics,
  ...runningViewTopics,
  ...settingsViewTopics,
  ...speciesViewTopics,
  ...stockViewTopics,
  ...todayViewTopics,
  ...waterViewTopics,
};
export const VIEW_NAMES = Object.keys(VIEW_TOPICS) as ViewName[];

/** What the live stream carries: never data, only what to read again. */
export type LiveMessage = { seq: number; topics: Topic[]; /** House time as it was sent. */ houseNowMs?: number };

/** `journal` = entries written; the others from `canWrite` on are left out where they cannot be known. Megabytes, UTC ms. */
export type Health = {
  ok: boolean;
  seq: number;
  balance: number;
  inHouse: number;
  journal?: number;
  canWrite?: boolean;
  roomMB?: number;
  wholeAtMs?: number;
  damaged?: string;
};
