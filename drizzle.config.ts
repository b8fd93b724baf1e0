// The journal and what stands outside it: migrations, never edited once shipped.
import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'sqlite', schema: './server/db/journalTables.ts', out: './server/db/migrations' });
