// Every table of the house's database.
export * from './journalTables.ts';
export * from './projectionTables.ts';
