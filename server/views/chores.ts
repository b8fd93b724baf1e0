// The chores of the walk: rack by rack what is due there or was done today, and what is to be carried for it.
import { IS_WATER, kitOf } from '#core/chores/index.ts';
import type { ChoreAt, ChorePlaceCard, ChoreWater } from '#contract/views.ts';
import { FUTURE_ALLOWED_MS } from '#core/catalogue/index.ts';
import { saltGrams } from '#core/water/index.ts';
import { houseDay, startOfHouseDay } from '#core/time/index.ts';
import type { Used } from '#core/supplies/index.ts';
import { flag, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { takesOf } from '../chores/due.ts';
import { prepareStandingChores, type StandingChore, type StandingPlace } from '../chores/standing.ts';
import { IN_HOUSE, personName } from '../now/sqlFragments.ts';
import { prepareAmount, preparePiles } from '../supplies/onHand.ts';
import { itemOf, prepareSupplies } from '../supplies/state.ts';
import { prepareFoods } from '../feeding/state.ts';
import { preparePeopleHere } from '../people/here.ts';
import { MATCHED_FOR_MS } from '../waterTests/judged.ts';
import type { MakeView } from './view.ts';

/** Of system `s`; what somebody stated or estimated is no reading. */
const MEASURED =
  "from p_reading r where r.subject = s.id and r.quantity = 'salinity' and r.source = 'measured' and r.at_ms <= @now and r.voided_by is null";

/** Shown: what is due, what waits, and what was done today; of the rest how many and when. */
const isShown = ({ is }: StandingPlace): boolean => is !== 'later';

export const makeChoresView: MakeView<'chores'> = (client) => {
  const ask = makeAsk(client);
  const standing = prepareStandingChores(client);
  const supplies = prepareSupplies(client);
  const foods = prepareFoods(client);
  const amount = prepareAmount(client);
  const piles = preparePiles(client);
  const racks = ask.all(pick(t.rack, 'id', 'name'), 'select id, name from p_rack order by walk, name');
  const people = preparePeopleHere(client);
  const whose = ask.value(text, `select ${personName('@id')} name`);
  const waterOf = ask.one(
    {
      type: t.system.type,
      volumeL: t.system.volumeL,
      targetPpt: t.system.salinityPpt,
      temperatureC: t.system.temperatureC,
      readPpt: orNull(number),
      readMs: orNull(number),
      treated: flag,
      matched: flag,
      changedMs: orNull(number),
      toppedMs: orNull(number),
      tanks: number,
      tankL: t.tank.volumeL,
    },
    `select s.type, s.volume_l volumeL, s.salinity_ppt targetPpt, s.temperature_c temperatureC, (select r.value ${MEASURED} order by r.at_ms desc, r.entry desc limit 1) readPpt,
      (select r.at_ms ${MEASURED} order by r.at_ms desc, r.entry desc limit 1) readMs,
      exists (select 1 from now_treatment c where c.system = s.id) treated,
      exists (select 1 from p_match m where m.system = s.id and m.at_ms > @now - ${MATCHED_FOR_MS} and m.voided_by is null) matched,
      (select max(e.at_ms) from p_tank n cross join p_exchange e on e.tank = n.id where n.system = s.id and e.voided_by is null) changedMs,
      (select max(e.at_ms) from p_tank n cross join p_top_up e on e.tank = n.id where n.system = s.id and e.voided_by is null) toppedMs, (select count(*) from p_tank o where o.system = s.id and ${IN_HOUSE('o')}) tanks, t.volume_l tankL
    from p_tank t join p_system s on s.id = t.system where t.id = @tank`,
  );
  const lastTopUp = ask.value(
    number,
    `select e.litres from p_tank t cross join p_top_up e on e.tank = t.id where t.system = ? and e.voided_by is null order by e.at_ms desc limit 1`,
  );

  return ({ now, zone }) => {
    const chores = standing({ now, zone });
    const kept = supplies();
    const items = new Map([...kept, ...foods().map((food) => itemOf(food.id, food))].map((item) => [item.id, item]));
    const salt = kept.find((item) => item.salt);
    const waterFor = ({ is, per }: StandingChore, place: StandingPlace): { water?: ChoreWater } => {
      if (!IS_WATER.includes(is)) return {};
      // A device's clock may be ahead of the house's: what it has just read counts.
      const { tanks, tankL, readPpt, readMs, treated, matched, changedMs, toppedMs, ...water } = waterOf({
        tank: place.tank,
        now: now + FUTURE_ALLOWED_MS,
      });
      // What was poured in since makes it another water: a reading from before says nothing of it.
      const stands = readMs !== null && readMs > Math.max(changedMs ?? 0, toppedMs ?? 0);
      const held = treated ? 'treatment' : matched ? 'match' : undefined;
      const lastL = is === 'top-off' ? lastTopUp(place.systems[0]!) : undefined;
      const part = per === 'tank' && tanks > 1;
      return {
        water: {
          ...water,
          ...(part && is === 'water change' ? { volumeL: tankL, part } : {}),
          ...(readPpt === null || !stands ? {} : { readPpt, readMs }),
          ...(held ? { held } : {}),
          ...(lastL === undefined ? {} : { lastL }),
        },
      };
    };
    const cardOf = (chore: StandingChore, place: StandingPlace): ChorePlaceCard => {
      const { id, name, tank, is, dueDay, last } = place;
      return { id, name, tank, is, dueDay, ...(last ? { last } : {}), ...(is === 'due' || is === 'overdue' ? waterFor(chore, place) : {}) };
    };
    const at = (rack: string): ChoreAt[] =>
      chores.flatMap((chore) => {
        const places = chore.places.filter((place) => place.rack === rack);
        if (places.length === 0) return [];
        const later = places.filter((place) => !isShown(place));
        return [
          {
            chore: chore.id,
            places: places.filter(isShown).map((place) => cardOf(chore, place)),
            ...(later.length > 0 ? { next: { n: later.length, dueDay: Math.min(...later.map(({ dueDay }) => dueDay)) } } : {}),
          },
        ];
      });
    const byRack = racks().flatMap(({ id, name }) => {
      const here = at(id);
      return here.length > 0 ? [{ id, name, chores: here }] : [];
    });
    const takes: Used[] = [
      ...takesOf(chores),
      ...(salt
        ? saltFor(
            chores,
            salt,
            byRack.flatMap((rack) => rack.chores),
          )
        : []),
    ];
    const here = new Map(
      [...items.keys()].flatMap((item) => {
        const ready = amount(item);
        return ready === undefined ? [] : [[item, ready] as const];
      }),
    );
    return {
      day: houseDay(now, zone),
      dayFromMs: startOfHouseDay(houseDay(now, zone), zone),
      chores: chores.map(({ places: _places, planned: _planned, plannedMs: _plannedMs, ...chore }) => ({
        ...chore,
        ...(chore.person === undefined ? {} : { whose: whose({ id: chore.person }) ?? chore.person }),
      })),
      racks: byRack,
      kit: kitOf(takes, here)
        .map((line) => {
          const item = items.get(line.item);
          const ready = here.get(line.item);
          return { ...line, name: item?.name ?? line.item, unit: item?.unit ?? 'pieces', ...(ready === undefined ? {} : { here: ready }) };
        })
        .sort((a, b) => a.name.localeCompare(b.name)),
      heaps: kept.filter(({ reused }) => reused).map(({ id, name }) => ({ item: id, name, ...piles(id) })),
      ...(salt ? { salt: { item: salt.id, unit: salt.unit } } : {}),
      people: people(),
    };
  };
};

/** Salt for the changes that are due, mixed to what each system is meant to be. */
function saltFor(chores: readonly StandingChore[], salt: { id: string; unit: string }, due: readonly ChoreAt[]): Used[] {
  const changes = new Map(chores.filter(({ is }) => is === 'water change').map((chore) => [chore.id, chore.percent ?? 0]));
  return due.flatMap(({ chore, places }) => {
    const percent = changes.get(chore);
    if (!percent) return [];
    return places.flatMap(({ water }) =>
      water && water.type !== 'fresh'
        ? [
            {
              item: salt.id,
              amount:
                saltGrams({ volumeL: (water.volumeL * percent) / 100, from: 0, to: water.targetPpt }) / (salt.unit === 'kg' ? 1000 : 1),
            },
          ]
        : [],
    );
  });
}
