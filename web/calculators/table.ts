// Every sum of the drawer, in the order of its list.
import { FLOW_SUMS } from './flows.ts';
import type { Sum } from './sum.ts';
import { WATER_SUMS } from './water.ts';

export const SUMS: readonly Sum[] = [...WATER_SUMS, ...FLOW_SUMS];
