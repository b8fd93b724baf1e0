// What is derived from the journal and can be remade from it at any time: facts (a row an entry, void when reversed)
// and sums. No judgement and nothing that changes when only time passes. Views over them (`nowViews.ts`) say what is true now.

/** Raise it when a projector, a table or a view changes: the server then remakes them all by replay at its next start. */
export const PROJECTION_VERSION = 22;

export * from './dockTables.ts';
export * from './houseTables.ts';
export * from './nowViews.ts';
export * from './roundTables.ts';
export * from './runTables.ts';
export * from './stockTables.ts';
