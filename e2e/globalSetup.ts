// Tells the demo house once; each test works on a copy of it, served by the bundle that serves in earnest.
import { spawnSync } from 'node:child_process';
import { build, SEED } from '../scripts/build.mjs';
import { OPENS, SEEDED } from './house.ts';

export default function setup(): void {
  if (build() !== 0) throw new Error('the server could not be built');
  const { status } = spawnSync('node', [SEED, '--fresh', '--clock', OPENS, '--data', SEEDED], { stdio: 'inherit' });
  if (status !== 0) throw new Error(`seeding ended with ${status}`);
}
