// What is due of chores, for Today: rack by rack; and heaps of what is to be counted back or washed.
import type Database from 'better-sqlite3';
import { kitOf, namesOf } from '#core/chores/index.ts';
import type { DueFacts } from '#core/today/index.ts';
import { makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { personName } from '../now/sqlFragments.ts';
import { preparePiles } from '../supplies/onHand.ts';
import { prepareSupplies } from '../supplies/state.ts';
import { prepareStandingChores, type StandingChore } from './standing.ts';

const isOpen = ({ is }: StandingChore['places'][number]): boolean => is === 'due' || is === 'overdue';

export function prepareChoreDue(client: Database.Database): (given: { now: number; zone: string }) => Pick<DueFacts, 'chores' | 'heaps'> {
  const ask = makeAsk(client);
  const standing = prepareStandingChores(client);
  const supplies = prepareSupplies(client);
  const piles = preparePiles(client);
  const racks = ask.all(pick(t.rack, 'id', 'name', 'walk'), 'select id, name, walk from p_rack');
  const name = ask.value(text, `select ${personName('@id')} name`);
  const lastFlow = ask.value(orNull(number), 'select max(at_ms) from p_supply_flow where item = ? and how = ? and voided_by is null');
  return ({ now, zone }) => {
    const chores = standing({ now, zone });
    const rackOf = new Map(racks().map((rack) => [rack.id, rack]));
    const due = chores.flatMap((chore) =>
      [...grouped(chore.places.filter(isOpen), ({ rack }) => rack)].map(([rack, places]) => {
        const { name: rackName, walk } = rackOf.get(rack)!;
        const single = chore.per === 'tank' && places.length === 1 ? places[0]! : undefined;
        return {
          entry: chore.planned,
          rack,
          what: chore.name,
          where: chore.per === 'rack' ? rackName : namesOf(places),
          n: places.length,
          dueDay: Math.min(...places.map(({ dueDay }) => dueDay)),
          everyDays: chore.everyDays,
          walk: [walk, 0, 0] as const,
          ...(single ? { tank: single.id, tankCode: single.name } : {}),
          ...(chore.person === undefined ? {} : { whose: { person: chore.person, name: name({ id: chore.person }) ?? chore.person } }),
        };
      }),
    );
    return { chores: due, heaps: heapsOf(chores) };

    function heapsOf(all: readonly StandingChore[]): DueFacts['heaps'] {
      const needed = new Map(kitOf(takesOf(all), new Map()).map(({ item, amount }) => [item, amount]));
      return supplies().flatMap(({ id, entry, name: what, reused }) => {
        if (!reused) return [];
        const { clean, dirty, out } = piles(id);
        const isShort = dirty > 0 && clean < (needed.get(id) ?? 0);
        return [
          ...(out > 0 ? [{ entry, what, is: 'back' as const, n: out, sinceMs: lastFlow(id, 'used') ?? now }] : []),
          ...(isShort ? [{ entry, what, is: 'wash' as const, n: dirty, sinceMs: lastFlow(id, 'returned') ?? now }] : []),
        ];
      });
    }
  };
}

/** What the open places of chores take; a rack of them is one walk. */
export const takesOf = (chores: readonly StandingChore[]) =>
  chores.flatMap(({ takes = [], places }) => places.filter(isOpen).flatMap(() => takes));
