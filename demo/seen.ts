// What checks saw that is more than a sign: who chased whom, and how wounds heal.
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
  tellNotes({ teller, at });
  tellHealing({ teller, at });
}

/** A pair that spawns, caves that were moved, and which of them are which. */
function tellNotes({ teller, at }: Story): void {
  const now = at(0, 7, 39);
  const tankOf = (code: string) => teller.house.view('rounds').tanks.find((tank) => tank.code === code)!;
  const [pair, reef] = [tankOf('D2'), tankOf('C4')];
  const lot = pair.lots[0]!.lot;
  teller.tell(now, 'odalys', {
    kind: 'behaviour.seen',
    payload: { tank: pair.id, lot, what: ['courting', 'holds a place'], note: 'at the left pot' },
    whenMs: at(1, 17, 36),
  });
  teller.tell(now, 'odalys', { kind: 'lot.sexed', payload: { lot, males: 1, females: 1, sure: 'likely' }, whenMs: at(1, 17, 37) });
  teller.tell(now, 'odalys', {
    kind: 'tank.arranged',
    payload: { tank: reef.id, did: ['hides added', 'rocks moved'], note: 'after the chase, lights off' },
    whenMs: at(1, 17, 50),
  });
}

/** The lawnmower blenny's scraped flank is measured weekly; a firefish's tail grew back before. */
function tellHealing({ teller, at }: Story): void {
  const now = at(0, 7, 39);
  const lotIn = (code: string) => teller.house.view('rounds').tanks.find((tank) => tank.code === code)!.lots[0]!.lot;
  const follow = (
    lot: string,
    facts: { what: string; by: 'mm' | 'percent'; until: number },
    measures: readonly (readonly [number, number])[],
  ) => {
    const healing = teller.id();
    const [first] = measures;
    teller.tell(now, 'ines', { kind: 'healing.begun', payload: { healing, lot, ...facts, everyDays: 7 }, whenMs: at(first![0], 17, 30) });
    for (const [daysAgo, value] of measures)
      teller.tell(now, 'ines', { kind: 'healing.measured', payload: { healing, value }, whenMs: at(daysAgo, 17, 35) });
    return healing;
  };
  follow(lotIn('S2'), { what: 'scrape on the left flank', by: 'mm', until: 2 }, [
    [21, 14],
    [14, 9],
    [7, 5],
  ]);
  const tail = follow(lotIn('C4'), { what: 'bitten tail', by: 'percent', until: 90 }, [
    [60, 20],
    [53, 45],
    [46, 70],
    [39, 92],
  ]);
  teller.tell(now, 'ines', {
    kind: 'healing.ended',
    payload: { healing: tail, how: 'returned', why: 'back with the others' },
    whenMs: at(38, 9),
  });
}
