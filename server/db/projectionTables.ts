// What is derived from the journal and can be remade from it at any time: facts (a row an entry, void when reversed)
// and sums. No judgement and nothing that changes when only time passes. Views over them (`nowViews.ts`) say what is true now.

export * from './choreTables.ts';
export * from './dockTables.ts';
export * from './healingTables.ts';
export * from './notedTables.ts';
export * from './waterTables.ts';
export * from './houseTables.ts';
export * from './kitchenTables.ts';
export * from './nowViews.ts';
export * from './orderTables.ts';
export * from './prepareTables.ts';
export * from './roundTables.ts';
export * from './runTables.ts';
export * from './stockTables.ts';
