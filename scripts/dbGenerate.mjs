// Makes the SQL of the two schemas: a further migration for what is kept, and the projections' tables from nothing.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';

const kit = (...args) => {
  const { status } = spawnSync('node', ['node_modules/drizzle-kit/bin.cjs', 'generate', ...args], { stdio: 'inherit' });
  if (status !== 0) process.exit(status ?? 1);
};
kit();
fs.rmSync('server/db/projections', { recursive: true, force: true });
kit('--config', 'drizzle.projections.config.ts', '--name', 'projections');
