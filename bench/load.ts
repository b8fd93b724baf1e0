// What the first load brings over the wire, gzipped as the server sends it, and how long the demo takes to tell.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { seedDemo } from '#demo/seed.ts';

const dist = 'dist';
const html = fs.readFileSync(path.join(dist, 'index.html'), 'utf8');
const zipped = (file: string) => gzipSync(fs.readFileSync(path.join(dist, file))).length;
const first = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((match) => match[1]!);
const scripts = fs.readdirSync(path.join(dist, 'assets')).filter((name) => name.endsWith('.js'));
const total = (files: string[]) => files.reduce((sum, file) => sum + zipped(file), 0);
const kB = (bytes: number) => `${(bytes / 1000).toFixed(0)} kB`;

console.log(`JavaScript on first load (${first.length} files): ${kB(total(first))} gzipped`);
console.log(`all stations together (${scripts.length} files): ${kB(total(scripts.map((name) => `assets/${name}`)))} gzipped`);
console.log(
  `styles: ${kB(
    total(
      fs
        .readdirSync(path.join(dist, 'assets'))
        .filter((name) => name.endsWith('.css'))
        .map((name) => `assets/${name}`),
    ),
  )} gzipped`,
);

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
const began = performance.now();
const { entries } = await seedDemo(path.join(folder, 'house.db'), Date.UTC(2026, 2, 3, 7, 40));
console.log(`telling the demo: ${entries} entries in ${((performance.now() - began) / 1000).toFixed(2)} s`);
fs.rmSync(folder, { recursive: true, force: true });
