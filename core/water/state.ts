export interface WaterState {
  hasBag(id: string): boolean;
  hasRun(id: string): boolean;
  hasSystem(id: string): boolean;
}
