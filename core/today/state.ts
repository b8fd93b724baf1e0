export interface TodayState {
  hasEntry(id: string): boolean;
}
