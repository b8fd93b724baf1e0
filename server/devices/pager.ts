// The pager stand-in: when nobody comes to a run that is due, it calls whoever watches it, then a lead. Each call is an entry whose id follows
// from the due thing and the stage, so it is made once, whatever is restarted.
import { v5 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import type { RunCard } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { HOUSE_ACTOR } from '#core/journal/index.ts';
import { callsFor, type RunPolicy } from '#core/runs/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import type { RunningHouse } from '../house/house.ts';
import type { Log } from '../log/log.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareCleanWater } from '../dock/bags.ts';
import { prepareRunCards } from '../runs/cards.ts';
import { prepareLeadCalls } from './leadCalls.ts';

/** A name space of our own for ids that follow from something. */
const PAGES = 'b3f6f0a2-5d3c-4b1e-9a57-2f1d6c0e8a41';
const LOOKS_EVERY_MS = 5_000;
/** Calls are dated when they were due, unless the house was away for longer. */
const LATEST_MS = DAY_MS;

export const pageId = (due: string, stage: number): string => v5(`${due} ${stage}`, PAGES);

/** Makes the calls that are due now; gives how many it made. */
export function makePager(house: RunningHouse): () => number {
  const ask = makeAsk(house.client);
  const cards = prepareRunCards(house.client);
  const leads = ask.values(
    t.person.id,
    `select id from p_person p where role = 'lead' and voided_by is null and ${IN_HOUSE('p')} order by entry`,
  );
  const called = ask.is('select 1 from p_page where due = ? and stage = ?');
  const clean = prepareCleanWater(house.client);
  const leadCalls = prepareLeadCalls(house.client);
  return () => {
    const now = house.clock.now();
    const { runs: rules, cleanWaterMin } = house.settings().rules;
    const known = leads();
    const calls = [
      ...cards(now).flatMap((card) => callsOf(card, { leads: known, now, rules })),
      // A bucket that nobody comes back to kills as surely as a drip does.
      ...clean(cleanWaterMin).flatMap(({ entry, byId, n, lotLabel, label, dueAtMs }) =>
        callsFor({ dueAtMs }, { watcher: byId, leads: known, now, rules }).map((call) => ({
          ...call,
          due: `${entry}:clean-water:on`,
          says: `clean water, ${n} ${lotLabel} of ${label}`,
        })),
      ),
      ...(known[0] === undefined ? [] : leadCalls().map((call) => ({ ...call, stage: 2, to: known[0]! }))),
    ];
    const fresh = calls.filter(({ due, stage }) => !called(due, stage));
    for (const { due, stage, to, says, atMs } of fresh) {
      const id = pageId(due, stage);
      const entry: Entry = {
        id,
        kind: 'page.sent',
        version: versionOf('page.sent'),
        occurredAtMs: Math.max(atMs, now - LATEST_MS),
        payload: { due, stage, to, says },
      };
      house.append({ actId: pageId(`act of ${due}`, stage), entries: [entry] }, { id: HOUSE_ACTOR, role: 'trainee' });
    }
    return fresh.length;
  };
}

function callsOf(card: RunCard, { leads, now, rules }: { leads: readonly string[]; now: number; rules: RunPolicy }) {
  const says = `${card.started.vessel.name}, ${card.n} ${card.lotLabel} for ${card.tank.code}`;
  return card.dues.flatMap((dueThing) =>
    callsFor(dueThing, { watcher: card.watcher?.id, leads, now, rules }).map((call) => ({
      ...call,
      due: `${card.entry}:${dueThing.rule}:${dueThing.step}`,
      says,
    })),
  );
}

/** Looks every few seconds until it is stopped. What goes wrong is logged and tried again. */
export function startPager(house: RunningHouse, log: Log): () => void {
  const call = makePager(house);
  const timer = setInterval(() => {
    try {
      call();
    } catch (error) {
      log.error({ why: error instanceof Error ? error.message : String(error) }, 'the pager could not look');
    }
  }, LOOKS_EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
