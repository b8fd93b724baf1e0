// The projections: one generated file that makes them from nothing (see server/db/projectionVersion.ts).
import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'sqlite', schema: './server/db/projectionTables.ts', out: './server/db/projections' });
