// Every sum of the drawer, in the order of its list.
import { FLOW_SUMS } from './flows.ts';
import type { Sum } from './sum.ts';
import { WATER_CALCULATORS } from './water.ts';

export const SUMS: readonly Sum[] = [...WATER_CALCULATORS, ...FLOW_SUMS];
