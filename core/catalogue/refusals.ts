// Every code of every area, to be checked and worded.
import { BENCH_REFUSALS } from '../bench/index.ts';
import { CHORE_REFUSALS } from '../chores/index.ts';
import { DOCK_REFUSALS } from '../dock/index.ts';
import { FEEDING_REFUSALS } from '../feeding/index.ts';
import { EXPOSURE_REFUSALS } from '../exposure/index.ts';
import { HEALING_REFUSALS } from '../healing/index.ts';
import { JOURNAL_REFUSALS, type RefusalCode } from '../journal/index.ts';
import { KITCHEN_REFUSALS } from '../kitchen/index.ts';
import { MOVES_REFUSALS } from '../moves/index.ts';
import { NOTED_REFUSALS } from '../noted/index.ts';
import { PEOPLE_REFUSALS } from '../people/index.ts';
import { PLACEMENT_REFUSALS } from '../placement/index.ts';
import { PREPARE_REFUSALS } from '../prepare/index.ts';
import { QUARANTINE_REFUSALS } from '../quarantine/index.ts';
import { ROOM_REFUSALS } from '../room/index.ts';
import { ROUNDS_REFUSALS } from '../rounds/index.ts';
import { RUNS_REFUSALS } from '../runs/index.ts';
import { SETTINGS_REFUSALS } from '../settings/index.ts';
import { SPECIES_REFUSALS } from '../species/index.ts';
import { STOCK_REFUSALS } from '../stock/index.ts';
import { SUPPLY_REFUSALS } from '../supplies/index.ts';
import { TODAY_REFUSALS } from '../today/index.ts';
import { TREATMENTS_REFUSALS } from '../treatments/index.ts';
import { WATER_REFUSALS } from '../water/index.ts';
import { WATER_TEST_REFUSALS } from '../waterTests/index.ts';

export const REFUSAL_CODES = [
  ...JOURNAL_REFUSALS,
  ...BENCH_REFUSALS,
  ...CHORE_REFUSALS,
  ...DOCK_REFUSALS,
  ...FEEDING_REFUSALS,
  ...EXPOSURE_REFUSALS,
  ...HEALING_REFUSALS,
  ...KITCHEN_REFUSALS,
  ...MOVES_REFUSALS,
  ...NOTED_REFUSALS,
  ...PEOPLE_REFUSALS,
  ...PLACEMENT_REFUSALS,
  ...PREPARE_REFUSALS,
  ...QUARANTINE_REFUSALS,
  ...ROOM_REFUSALS,
  ...ROUNDS_REFUSALS,
  ...RUNS_REFUSALS,
  ...SETTINGS_REFUSALS,
  ...SPECIES_REFUSALS,
  ...STOCK_REFUSALS,
  ...SUPPLY_REFUSALS,
  ...TODAY_REFUSALS,
  ...TREATMENTS_REFUSALS,
  ...WATER_REFUSALS,
  ...WATER_TEST_REFUSALS,
] as const satisfies readonly RefusalCode[];

/** A code that was declared and is missing here is a type error. */
const complete: RefusalCode extends (typeof REFUSAL_CODES)[number] ? true : never = true;
void complete;
