// Builds the pages into dist/ and the server into dist-server/, each unless nothing it is made of has changed since.
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { run } from './setup.mjs';

const SHARED = ['core', 'contract', 'package-lock.json'];
const PARTS = [
  { what: 'the pages', sources: [...SHARED, 'web', 'docs/handbook.md', 'vite.config.ts'], config: 'vite.config.ts', into: 'dist' },
  {
    what: 'the server',
    sources: [...SHARED, 'server', 'demo', 'vite.server.config.ts'],
    config: 'vite.server.config.ts',
    into: 'dist-server',
  },
];
export const SERVER = 'dist-server/main.js';
export const SEED = 'dist-server/seed.js';
const [, HOUSE] = PARTS;

function hashOf(hash, file) {
  if (fs.statSync(file).isDirectory()) for (const name of fs.readdirSync(file).sort()) hashOf(hash, path.join(file, name));
  else if (!/\.test\.tsx?$/.test(file)) hash.update(file).update(fs.readFileSync(file));
  return hash;
}

/** The server's bundle knows where its files stand: moved elsewhere it is built anew. */
const stampOf = ({ sources }) => sources.reduce(hashOf, createHash('sha256').update(process.cwd())).digest('hex');
const isBuilt = ({ into }, want) => {
  const stamp = path.join(into, '.stamp');
  return fs.existsSync(stamp) && fs.readFileSync(stamp, 'utf8') === want;
};

/** Whether the server's bundle is of the sources as they are. */
export const isServerBuilt = () => isBuilt(HOUSE, stampOf(HOUSE));

export function build() {
  for (const part of PARTS) {
    const { what, config, into } = part;
    const want = stampOf(part);
    if (isBuilt(part, want)) continue;
    console.log(`building ${what} …`);
    // Made beside and moved in whole: a house that is served from here, or started again meanwhile, never meets half of it.
    const fresh = path.resolve(`${into}.fresh`);
    const status = run('node', [
      'node_modules/vite/bin/vite.js',
      'build',
      '--config',
      config,
      '--outDir',
      fresh,
      '--emptyOutDir',
      '--logLevel',
      'warn',
    ]);
    if (status !== 0) return status;
    fs.writeFileSync(path.join(fresh, '.stamp'), want);
    fs.rmSync(into, { recursive: true, force: true });
    fs.renameSync(fresh, into);
  }
  return 0;
}

if (process.argv[1] === import.meta.filename) process.exit(build());
