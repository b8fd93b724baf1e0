import fs from 'node:fs';
import path from 'node:path';
import { HANDBOOK_JOBS, handbookFor } from './jobs.ts';

const text = fs.readFileSync('docs/handbook.md', 'utf8');
// As the build makes a heading an anchor.
const anchors = [...text.matchAll(/^## (.+)$/gm)].map(([, heading]) =>
  heading!
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, ''),
);

it('every station opens a page of the handbook that is there', () => {
  expect(HANDBOOK_JOBS.filter((job) => !anchors.includes(job))).toEqual([]);
  expect(handbookFor('/dock')).toBe('/handbook#at-the-box');
  expect(handbookFor('/dock/list')).toBe('/handbook#a-packing-list');
  expect(handbookFor('/docks')).toBe('/handbook');
  expect(handbookFor('/tank/A1')).toBe('/handbook#quarantine');
});

it('every picture of the handbook is there', () => {
  const pictures = [...text.matchAll(/\]\((screenshots\/[^)]+)\)/g)].map(([, file]) => file!);
  expect(pictures.length).toBeGreaterThan(8);
  expect(pictures.filter((file) => !fs.existsSync(path.join('docs', file)))).toEqual([]);
});
