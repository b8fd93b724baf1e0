// Fish of the house on their way to another system: compared as a bag is, and begun as a run.
import { action, expect, test } from './house.ts';

test('part of a lot is acclimated out of its tank into another system; one stays, in a lot of its own', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  const room = await page.evaluate(async () => (await (await fetch('/api/views/room')).json()) as RoomLike);
  const tanks = room.racks.flatMap((rack) => rack.tanks);
  const from = tanks.find(({ code }) => code === 'C5')!;
  const [fish] = from.occupants;
  const { inHouse } = await house.health();
  await page.goto(`${house.address}/room?lot=${fish!.lot}&from=${from.id}`);
  await page.getByRole('button', { name: /^Tank Q5/ }).click();
  await page.getByRole('link', { name: 'Acclimate first' }).click();
  await expect(page.getByRole('heading', { name: /C5 to Q5/ })).toBeVisible();
  await page.getByRole('button', { name: /fewer$/ }).click();
  await page.getByRole('button', { name: /^drip/i }).click();
  await expect(page.getByText(`${fish!.n - 1} ${fish!.label} into Q5`)).toBeVisible();
  await action(page).click();
  await expect(page).toHaveURL(/\/bench\?run=/);
  await expect(page.getByText(`${fish!.n - 1} ${fish!.label} for Q5`)).toBeVisible();
  expect((await house.health()).inHouse).toBe(inHouse);
  const after = await page.evaluate(async () => (await (await fetch('/api/views/room')).json()) as RoomLike);
  const left = after.racks.flatMap((rack) => rack.tanks).find(({ id }) => id === from.id)!;
  expect(left.occupants.map(({ lot, n }) => [lot, n])).toEqual([[fish!.lot, 1]]);
});

type RoomLike = { racks: { tanks: { id: string; code: string; occupants: { lot: string; label: string; n: number }[] }[] }[] };
