// Types of setup.mjs, which stays plain so that it runs before anything is installed.
import type { SpawnSyncOptions } from 'node:child_process';

export function run(command: string, args: readonly string[], options?: SpawnSyncOptions): number;
export function setup(): void;
