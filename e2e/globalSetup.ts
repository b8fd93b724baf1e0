// Tells the demo house once; each test works on a copy of it.
import { spawnSync } from 'node:child_process';
import { OPENS, SEEDED } from './house.ts';

export default function setup(): void {
  const { status } = spawnSync('node', ['--import', 'tsx', 'demo/seed.ts', '--fresh', '--clock', OPENS, '--data', SEEDED], {
    stdio: 'inherit',
  });
  if (status !== 0) throw new Error(`seeding ended with ${status}`);
}
