/* global document */
// `npm run screenshots`: one picture of each main view from the demo house at a fixed clock, into docs/screenshots/.
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { build, SEED, SERVER } from './build.mjs';
import { launchOptions, setupChromium } from './chromium.mjs';
import { run, setup } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
setup();
setupChromium();
if (build() !== 0) process.exit(1);
const { chromium } = await import('@playwright/test');

const CLOCK = '2026-03-03T07:40';
const DATA = '.cache/screenshots-demo';
const INTO = 'docs/screenshots';
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const press = (role, name) => (page) => page.getByRole(role, { name }).first().click();

const give = (file) => (page) => page.getByLabel(/^Drop the file/).setInputFiles(file);
const choose = (label, field) => (page) => page.getByLabel(new RegExp(`^${label}`)).selectOption(field);
const MARL = [
  ['Artikel', 'name'],
  ['Stück', 'count'],
  ['Beutel', 'bags'],
  ['Größe', 'size'],
  ['Liter', 'waterL'],
  ['Herkunft', 'origin'],
];

/** The silver monos in their bucket, followed. */
const MONOS = [
  press('link', /silver mono/),
  (page) => page.getByRole('img', { name: /now calculated/ }).waitFor(),
  (page) => page.waitForTimeout(800),
];
const tapped = async (page) => {
  for (let drop = 0; drop < 11; drop += 1) {
    await page.getByRole('button', { name: /Tap with each drop/ }).tap();
    await page.waitForTimeout(420);
  }
};

/** [file, size, who, path, what is done before the picture]; whatever writes comes last, so that the others show the demo as told. */
const VIEWS = [
  ['dock', DESK, 'Bram Tell', '/dock', []],
  ['dock-phone', PHONE, 'Bram Tell', '/dock', []],
  ['choose-tank', DESK, 'Ines Okafor', '/dock', [press('link', 'Choose a tank for bag 5'), press('button', /^Tank G5/)]],
  ['prepare', DESK, 'Ines Okafor', '/dock/prepare?crate=pelican-1', []],
  ['bench-phone', PHONE, 'Odalys Reyes', '/bench', [...MONOS, press('button', 'drip'), tapped]],
  ['run', DESK, 'Odalys Reyes', '/bench', [...MONOS]],
  ['rounds', DESK, 'Odalys Reyes', '/rounds?tank=D2', [press('button', /^Something about/)]],
  ['rounds-phone', PHONE, 'Odalys Reyes', '/rounds', []],
  ['room', DESK, 'Ines Okafor', '/room', [press('button', /^Tank Q8/)]],
  ['tank', DESK, 'Ines Okafor', '/tank/Q8', []],
  [
    'move',
    DESK,
    'Ines Okafor',
    '/room?tank=F3',
    [press('button', 'Move cherry barb'), (page) => page.waitForTimeout(800), press('button', /^Tank F10/)],
  ],
  [
    'which-method',
    DESK,
    'Ines Okafor',
    '/dock',
    [
      press('link', 'Choose a tank for bag 3'),
      press('button', /^Tank G3/),
      press('button', /^Put it in G3/),
      (page) => page.getByText(/best in/).waitFor(),
      (page) => page.waitForTimeout(4000),
    ],
  ],
  ['logbook', DESK, 'Ines Okafor', '/logbook', []],
  ['today', DESK, 'Ines Okafor', '/today', []],
  ['species', DESK, 'Ines Okafor', '/species?species=six-line-wrasse', []],
  ['house', DESK, 'Ines Okafor', '/house?part=racks', []],
  [
    'packing-list',
    DESK,
    'Bram Tell',
    '/dock/list',
    [
      give('demo/files/marl-and-sedge.csv'),
      ...MARL.map(([column, field]) => choose(column, field)),
      press('button', 'The columns are right'),
    ],
  ],
  ['kitchen', DESK, 'Odalys Reyes', '/rounds/kitchen', []],
  ['water-tests', DESK, 'Odalys Reyes', '/rounds/water?tank=F1', []],
];
const PINS = { 'Ines Okafor': '4711', 'Bram Tell': '2020', 'Odalys Reyes': '3131' };

if (run('node', [SEED, '--fresh', '--clock', CLOCK, '--data', DATA]) !== 0) process.exit(1);
const server = spawn('node', [SERVER, '--data', DATA, '--port', '0', '--clock', CLOCK, '--freeze'], {
  stdio: ['ignore', 'pipe', 'inherit'],
  env: { ...process.env, NODE_ENV: 'production' },
});
const address = await new Promise((resolve) =>
  server.stdout.on('data', (chunk) => {
    const found = /http:\/\/127\.0\.0\.1:\d+/.exec(String(chunk))?.[0];
    if (found) resolve(found);
  }),
);
const browser = await chromium.launch(launchOptions());
fs.mkdirSync(INTO, { recursive: true });
for (const [name, viewport, who, where, steps] of VIEWS) {
  const page = await browser.newPage({
    viewport,
    locale: 'en-GB',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
    isMobile: viewport === PHONE,
    hasTouch: viewport === PHONE,
  });
  await page.goto(address);
  // Nobody is led through the house in these.
  await page.evaluate(() => localStorage.setItem('daily-crate first day', 'over'));
  await page.getByRole('button', { name: 'Ines Okafor' }).waitFor();
  if (who) {
    await page.getByRole('button', { name: who }).click();
    await page.locator('#pin').fill(PINS[who]);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.locator('.stream').waitFor();
    await page.goto(address + where);
    await page.locator('.station > *').first().waitFor();
  }
  for (const step of steps) {
    await step(page);
    await page.waitForTimeout(300);
  }
  // Of a slow machine too: no picture of a page that is still asking.
  await page.waitForFunction(() => !document.body.innerText.includes('Reading …'));
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `${INTO}/${name}.png` });
  await page.close();
  console.log(`${INTO}/${name}.png`);
}
await browser.close();
server.kill('SIGTERM');
