// What a catch slip asks of the house.
import type { LotState } from '../lots/index.ts';
import type { RoomState } from '../room/index.ts';
import type { TransferTaskFacts } from './entries.ts';
import type { MoveSettings } from './settings.ts';

export interface MoveState extends Pick<RoomState, 'findTank' | 'isTool'>, Pick<LotState, 'findLot'> {
  findRules(): MoveSettings | undefined;
  findZone(): string | undefined;
  findTask(id: string): TransferTaskFacts | undefined;
}
