// What a reading asks of the house: is there such a bag, vessel or system.
export interface WaterState {
  hasBag(id: string): boolean;
  hasRun(id: string): boolean;
  hasSystem(id: string): boolean;
}
