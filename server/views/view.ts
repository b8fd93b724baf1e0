// What a view is: prepared once on the house's connection, then one call a request.
import type Database from 'better-sqlite3';
import type { ViewName, Views } from '#contract/views.ts';
import type { HouseRules } from '#core/settings/index.ts';

/** `query` = the address's own parameters, unchecked. `seq` is added by the registry. */
export type ViewRequest = { now: number; zone: string; rules: HouseRules; query: Record<string, string | undefined> };
export type MakeView<V extends ViewName> = (client: Database.Database) => (request: ViewRequest) => Omit<Views[V], 'seq'>;
