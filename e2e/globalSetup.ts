// Tells the demo house once; each test works on a copy of it. Bundles the server once, since the tests start it some fifty times.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { build } from 'vite';
import { OPENS, SEEDED, SERVER } from './house.ts';

export default async function setup(): Promise<void> {
  const { status } = spawnSync('node', ['--import', 'tsx', 'demo/seed.ts', '--fresh', '--clock', OPENS, '--data', SEEDED], {
    stdio: 'inherit',
  });
  if (status !== 0) throw new Error(`seeding ended with ${status}`);
  await build({
    configFile: false,
    logLevel: 'warn',
    publicDir: false,
    // A file finds its migrations and pages from where it stood.
    plugins: [{ name: 'home', transform: (code, id) => code.replaceAll('import.meta.dirname', JSON.stringify(path.dirname(id))) }],
    build: { ssr: 'server/main.ts', outDir: path.dirname(SERVER), emptyOutDir: true, target: 'node20' },
  });
}
