// What notes ask of the house.
import type { LotState } from '../lots/index.ts';
import type { RoomState } from '../room/index.ts';

export type NotedState = Pick<LotState, 'findLot' | 'occupants' | 'lotCount'> & Pick<RoomState, 'findTank'>;
