// Builds the pages into dist/, unless nothing they are made of has changed since the last build.
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { run } from './setup.mjs';

const SOURCES = ['web', 'core', 'contract', 'vite.config.ts', 'package-lock.json'];
const stamp = 'dist/.stamp';

function hashOf(hash, file) {
  if (fs.statSync(file).isDirectory()) for (const name of fs.readdirSync(file).sort()) hashOf(hash, path.join(file, name));
  else if (!/\.test\.tsx?$/.test(file)) hash.update(file).update(fs.readFileSync(file));
  return hash;
}

export function build() {
  const want = SOURCES.reduce(hashOf, createHash('sha256')).digest('hex');
  if (fs.existsSync(stamp) && fs.readFileSync(stamp, 'utf8') === want) return 0;
  console.log('building the pages …');
  const status = run('node', ['node_modules/vite/bin/vite.js', 'build', '--logLevel', 'warn']);
  if (status === 0) fs.writeFileSync(stamp, want);
  return status;
}

if (process.argv[1] === import.meta.filename) process.exit(build());
