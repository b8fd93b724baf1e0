// Who may import whom: file by file, then folder by folder.
import path from 'node:path';
import { run } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));

export function borders() {
  const cruise = (config) =>
    run('node', [
      'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
      'core',
      'contract',
      'server',
      'web',
      'demo',
      '--config',
      config,
    ]);
  return cruise('.dependency-cruiser.cjs') || cruise('.dependency-cruiser.folders.cjs');
}

if (import.meta.filename === process.argv[1]) process.exit(borders());
