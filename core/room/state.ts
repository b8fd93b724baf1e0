// What the area asks of the house about racks, systems and tanks; the last two are answered by quarantine and exposure.
import type { ChangeState } from '../journal/index.ts';
import type { LotState } from '../lots/index.ts';
import type { RackFacts, TankFacts, SystemFacts } from './entries.ts';

export interface RoomState extends ChangeState, Pick<LotState, 'occupants'> {
  findRack(id: string): RackFacts | undefined;
  findSystem(id: string): SystemFacts | undefined;
  findTank(id: string): TankFacts | undefined;
  findTankByCode(code: string): TankFacts | undefined;
  findTankAt(rack: string, row: number, column: number): TankFacts | undefined;
  /** Ids of the tanks on a system, or on a rack, that are in the house still. */
  tanksOn(system: string): string[];
  tanksOnRack(rack: string): string[];
  /** Codes of the boxes and dividers in a tank. */
  hangingIn(tank: string): string[];
  /** What is in hand and to go to a tank, by lot: heads, and bags or vessels; `except` = without that bag or run. */
  comingTo(tank: string, except?: string): { lot: string; n: number; bags: number }[];
  isInQuarantine(lot: string): boolean;
  isTool(id: string): boolean;
}
