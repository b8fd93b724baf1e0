// Every kind of entry with the plain type of its payload, gathered from the areas that own them.
import type { BenchEntries } from '../bench/index.ts';
import type { ChoreEntries } from '../chores/index.ts';
import type { DockEntries } from '../dock/index.ts';
import type { ExposureEntries } from '../exposure/index.ts';
import type { Recorded, Written } from '../journal/index.ts';
import type { FeedingEntries } from '../feeding/index.ts';
import type { HealingEntries } from '../healing/index.ts';
import type { KitchenEntries } from '../kitchen/index.ts';
import type { MoveEntries } from '../moves/index.ts';
import type { NotedEntries } from '../noted/index.ts';
import type { PeopleEntries } from '../people/index.ts';
import type { PhotoEntries } from '../photos/index.ts';
import type { PrepareEntries } from '../prepare/index.ts';
import type { QuarantineEntries } from '../quarantine/index.ts';
import type { RoomEntries } from '../room/index.ts';
import type { RoundEntries } from '../rounds/index.ts';
import type { RunEntries } from '../runs/index.ts';
import type { SettingsEntries } from '../settings/index.ts';
import type { SpeciesEntries } from '../species/index.ts';
import type { StockEntries } from '../stock/index.ts';
import type { SupplyEntries } from '../supplies/index.ts';
import type { TodayEntries } from '../today/index.ts';
import type { TreatmentEntries } from '../treatments/index.ts';
import type { WaterEntries } from '../water/index.ts';
import type { WaterTestEntries } from '../waterTests/index.ts';
import type { JournalEntries } from './entries.ts';

export type Payloads = JournalEntries &
  PeopleEntries &
  PhotoEntries &
  RoomEntries &
  SettingsEntries &
  SpeciesEntries &
  StockEntries &
  WaterEntries &
  WaterTestEntries &
  DockEntries &
  PrepareEntries &
  BenchEntries &
  QuarantineEntries &
  MoveEntries &
  NotedEntries &
  ExposureEntries &
  TreatmentEntries &
  FeedingEntries &
  KitchenEntries &
  SupplyEntries &
  ChoreEntries &
  HealingEntries &
  RoundEntries &
  RunEntries &
  TodayEntries;

export type Kind = keyof Payloads;

/** One thing that happened, of a kind that somebody knows. */
export type EntryOf<K extends Kind> = Written<K, Payloads[K]>;
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];

/** What one action of one person wrote: all of it or nothing. */
export type Act = { actId: string; entries: Entry[] };
export type RecordedEntry = Recorded<Entry>;
