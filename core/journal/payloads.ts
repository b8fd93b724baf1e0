// Every kind of entry with the plain type of its payload, gathered from the areas that own them.
import type { BenchEntries } from '../bench/entries.ts';
import type { DockEntries } from '../dock/entries.ts';
import type { ExposureEntries } from '../exposure/entries.ts';
import type { HoldEntries } from '../holds/entries.ts';
import type { MoveEntries } from '../moves/entries.ts';
import type { PeopleEntries } from '../people/entries.ts';
import type { RemedyEntries } from '../remedies/entries.ts';
import type { RoomEntries } from '../room/entries.ts';
import type { RoundEntries } from '../rounds/entries.ts';
import type { RunEntries } from '../runs/entries.ts';
import type { SpeciesEntries } from '../species/entries.ts';
import type { StockEntries } from '../stock/entries.ts';
import type { TodayEntries } from '../today/entries.ts';
import type { WaterEntries } from '../water/entries.ts';
import type { JournalEntries } from './entries.ts';

export type Payloads = JournalEntries &
  PeopleEntries &
  RoomEntries &
  SpeciesEntries &
  StockEntries &
  WaterEntries &
  DockEntries &
  BenchEntries &
  HoldEntries &
  MoveEntries &
  ExposureEntries &
  RemedyEntries &
  RoundEntries &
  RunEntries &
  TodayEntries;

export type Kind = keyof Payloads;
