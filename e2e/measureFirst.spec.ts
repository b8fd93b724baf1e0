// A bag whose salinity nobody stated or measured, in front of a keeper: on the screen, and by a client that does not ask.
import type { Page } from '@playwright/test';
import { HOUR_MS } from '#core/time/index.ts';
import { expect, test } from './house.ts';

type Written = { ok: boolean; codes: string[] };

/** Writes one act as whoever is signed in on the page. */
const write = (page: Page, entries: object[]): Promise<Written> =>
  page.evaluate(async (said) => {
    const { clock } = (await (await fetch('/api/me')).json()) as { clock: { nowMs: number } };
    const stamped = said.map((entry) => ({ id: crypto.randomUUID(), version: 1, occurredAtMs: clock.nowMs, ...entry }));
    const answer = await fetch('/api/journal', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ actId: crypto.randomUUID(), entries: stamped }),
    });
    const { refusals = [] } = (await answer.json()) as { refusals?: { code: string }[] };
    return { ok: answer.ok, codes: refusals.map(({ code }) => code) };
  }, entries);

const BAG = 'bag-of-nobody-knows';
const LOT = 'lot-of-nobody-knows';

/** A fast siphon as a client might send it that takes the bag's water for the tank's. */
const water = { temperature: 25, salinity: 33, alkalinity: 2.5 };
const siphon = {
  run: 'siphon-of-nobody-knows',
  method: 'fast siphon',
  lot: LOT,
  tank: 'Q4',
  from: [{ place: BAG, n: 1 }],
  vessel: { name: 'a bucket', capacityL: 10, overflow: 'waste tub' },
  start: {
    ...water,
    waterL: 1.4,
    gasL: 2.8,
    gas: 'oxygen',
    closedHours: 20,
    opening: { is: 'closed' },
    foul: false,
    soft: false,
    fed: false,
  },
  water: { ...water, volumeL: 400, roomC: 23, pco2: 800, freshPpt: 0, ammoniaBinderH: 24 },
  of: { n: 1, lengthCm: 4.5, massA: 0.015, massB: 3, tolerance: 'hardy', invertebrate: false, euryhaline: true, bags: 1 },
  plan: [{ do: 'open' }, { do: 'pour', bucketL: 10 }, { do: 'run', mLPerMin: 250, minutes: 30 }],
  within: { salinity: 1, temperature: 0.5 },
};

test('monos of unknown salinity: measured first, locked until then, and no client goes round it', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  const now = await page.evaluate(async () => ((await (await fetch('/api/me')).json()) as { clock: { nowMs: number } }).clock.nowMs);
  const crate = 'crate-of-nobody-knows';
  const landed = { bag: BAG, crate, lot: LOT, alive: 1, dead: 0, quality: 'counted', condition: 'fit', bagCondition: 'sound' };
  const told = [
    {
      kind: 'crate.expected',
      payload: {
        crate,
        label: 'Pelican Yard, monos',
        supplier: 'pelican-yard',
        packedAtMs: now - 20 * HOUR_MS,
        promisedAtMs: now,
        stated: {},
        lots: [{ lot: LOT, label: 'silver mono', species: 'silver-mono', origin: 'bred', sizeCm: 4.5 }],
        bags: [{ bag: BAG, label: 'bag 1', box: 1, lot: LOT, n: 1, waterL: 1.4 }],
      },
    },
    { kind: 'crate.arrived', payload: { crate, carton: 'dry' } },
    { kind: 'bag.landed', payload: landed },
  ];
  expect(await write(page, told)).toEqual({ ok: true, codes: [] });
  expect(await write(page, [{ kind: 'bag.assigned', payload: { bag: BAG, lot: LOT, tank: 'Q4' } }])).toEqual({ ok: true, codes: [] });

  // A client that says all is well is not believed.
  const chosen = { bag: BAG, lot: LOT, method: 'straight', advised: 'straight' };
  expect(await write(page, [{ kind: 'method.chosen', payload: chosen }])).toEqual({ ok: false, codes: ['method.notMeasured'] });

  // Nor is one that leaves the choice out and begins.
  expect(await write(page, [{ kind: 'acclimation.started', payload: siphon }])).toEqual({ ok: false, codes: ['method.notMeasured'] });

  await page.goto(`${house.address}/bench?bag=${BAG}`);
  await expect(page.getByText('Salinity of bag 1')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Follow/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^straight/i }).click();
  await expect(page.getByText(/Nobody knows the bag’s salinity/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Choose: straight/ })).toBeDisabled();
  await page.getByRole('button', { name: 'back to its salinity' }).click();

  // Fresh water, measured: a long way up, and nothing quick is advised.
  await page.getByLabel(/^Salinity in the bag/).fill('0.3 ppt');
  await page.getByRole('button', { name: /^Write salinity/ }).click();
  await expect(page.getByText(/0\.3 → 33\.5|overnight conversion/i).first()).toBeVisible();
  await expect(page.locator('.methods-wayAnswer')).toContainText(/conversion/i);
  await expect(page.locator('.methods-way', { hasText: /^straight/i })).toContainText('lead only');

  // Floated all the same, they are not netted out into it.
  const read = (value: number) => ({ value, typed: `${value}`, method: 'in the water', source: 'measured' });
  const water = { value: 1.4, typed: '1.4', method: 'by eye', source: 'estimated' };
  const floatId = 'float-of-nobody-knows';
  const afloat = {
    floatId,
    bag: BAG,
    lot: LOT,
    tank: 'Q4',
    n: 1,
    bagTemperature: read(25),
    tankTemperature: read(25.5),
    water,
    minutes: 10,
  };
  expect(await write(page, [{ kind: 'float.started', payload: afloat }])).toEqual({ ok: true, codes: [] });
  await page.goto(`${house.address}/bench?bag=${BAG}`);
  const { inHouse } = await house.health();
  await page.getByRole('button', { name: /^Net out 1 into Q4/ }).click();
  await expect(page.getByRole('dialog')).toContainText(/step up of 3\d(\.\d)? ppt|3\d(\.\d)? ppt/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Net out 1 into Q4/ })).toBeVisible();
  const stands = await page.evaluate(async () => await (await fetch('/api/views/bench')).text());
  expect(stands).toContain(BAG);
  expect((await house.health()).inHouse).toBe(inHouse);
});
