// Who may import whom: file by file and folder by folder, beside each other.
import { spawn } from 'node:child_process';
import path from 'node:path';

process.chdir(path.join(import.meta.dirname, '..'));

const cruise = (config) =>
  new Promise((resolve) => {
    const args = [
      'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
      'core',
      'contract',
      'server',
      'web',
      'demo',
      '--config',
      config,
    ];
    spawn('node', args, { stdio: 'inherit' }).once('exit', (code) => resolve(code ?? 1));
  });

export async function borders() {
  const [files, folders] = await Promise.all([cruise('.dependency-cruiser.cjs'), cruise('.dependency-cruiser.folders.cjs')]);
  return files || folders;
}

if (import.meta.filename === process.argv[1]) process.exit(await borders());
