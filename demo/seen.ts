// What checks saw that is more than a sign: who chased whom.
import type { Teller } from './teller.ts';

type Story = { teller: Teller; at: (daysAgo: number, hour: number, minute?: number) => number };

/** One of the firefish in C4 went for another: since then one stands behind the divider. */
export function tellSeen({ teller, at }: Story): void {
  const tank = teller.house.view('rounds').tanks.find(({ code }) => code === 'C4')!;
  const [fire] = tank.lots;
  teller.tell(at(0, 7, 39), 'odalys', {
    kind: 'chase.seen',
    payload: { tank: tank.id, chaser: fire!.lot, chased: fire!.lot, how: 'bites', note: 'at the cave on the left' },
    whenMs: at(1, 17, 31),
  });
}
