// A lot of 24 bags through the house in a handful of taps: landed, over two tanks, afloat, released.
import { HOUR_MS } from '#core/time/index.ts';
import { expect, test } from './house.ts';

const BAGS = Array.from({ length: 24 }, (_, no) => ({
  bag: `many-${no + 1}`,
  label: `bag ${no + 1}`,
  box: 1,
  lot: 'many',
  n: 2,
  waterL: 1,
}));

test('24 bags of one lot in a handful of taps, over two tanks', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  const taken = await page.evaluate(
    async ({ bags, hour }) => {
      const { clock } = (await (await fetch('/api/me')).json()) as { clock: { nowMs: number } };
      const now = clock.nowMs;
      const lots = [{ lot: 'many', label: 'green chromis', species: 'green-chromis', origin: 'wild', sizeCm: 3 }];
      const crate = {
        crate: 'many-crate',
        label: 'Pelican Yard, chromis',
        supplier: 'pelican-yard',
        packedAtMs: now - 12 * hour,
        promisedAtMs: now,
        stated: { temperatureC: 25.5, salinityPpt: 33.5 },
        lots,
        bags,
      };
      const entries = [
        { kind: 'crate.expected', payload: crate },
        { kind: 'crate.arrived', payload: { crate: 'many-crate', carton: 'dry' } },
      ].map((entry) => ({ id: crypto.randomUUID(), version: 1, occurredAtMs: now, ...entry }));
      const answer = await fetch('/api/journal', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ actId: crypto.randomUUID(), entries }),
      });
      return answer.status;
    },
    { bags: BAGS, hour: HOUR_MS },
  );
  expect(taken).toBe(200);
  let taps = 0;
  const tap = async (name: string | RegExp) => {
    taps += 1;
    await page.getByRole('button', { name }).first().click();
  };
  await page.goto(`${house.address}/dock?crate=many-crate`);
  await tap('all 24');
  await expect(page.getByRole('button', { name: /^Land 2, and 23 more bags as listed/ })).toBeVisible();
  await tap(/^Land 2/);
  await expect(page.getByText('Every bag is landed')).toBeVisible();

  // Fourteen to one tank, the rest to another.
  await page.goto(`${house.address}/room?bag=many-1`);
  await tap(/^Tank Q4/);
  await tap('some of them');
  await page.getByRole('textbox', { name: 'Of 24' }).fill('14');
  await tap(/^Put it in Q4/);
  await expect(page).toHaveURL(/bag=many-15/);
  await tap(/^Tank Q5/);
  await tap('all 10');
  await tap(/^Put it in Q5/);
  await expect(page).toHaveURL(/\/bench\?bag=many-15/);

  for (const [bag, code, n] of [
    ['many-1', 'Q4', 14],
    ['many-15', 'Q5', 10],
  ] as const) {
    await page.goto(`${house.address}/bench?bag=${bag}`);
    await tap('go on without a method');
    await tap(`all ${n}`);
    await tap(new RegExp(`^Float ${n} bags`));
    await expect(page.getByText(new RegExp(`afloat in ${code} since`))).toBeVisible();
  }
  expect(taps).toBeLessThan(24);
  const floating = () =>
    page.evaluate(async () => {
      const { floats } = (await (await fetch('/api/views/bench')).json()) as { floats: { bag: string }[] };
      return floats.filter(({ bag }) => bag.startsWith('many-')).length;
    });
  // The page shows it at once; the house has it a moment later.
  await expect.poll(floating).toBe(24);

  // When it is time, the fourteen of a tank are released together.
  await house.close();
  await house.open('2026-03-03T08:40');
  await page.goto(`${house.address}/bench?bag=many-1`);
  await tap('all 14');
  await tap(/^Net out 28/);
  await expect(page.getByText(/28 green chromis in Q4/)).toBeVisible();
  await page.goto(`${house.address}/tank/Q4`);
  await expect(page.getByText(/28/).first()).toBeVisible();
});
