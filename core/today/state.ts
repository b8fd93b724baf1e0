// What a decision on a due thing asks of the house.
export interface TodayState {
  hasEntry(id: string): boolean;
  findZone(): string | undefined;
}
