// One try at a PIN, wherever it is asked for: throttled first, hashed after, and when somebody goes on guessing a lead is told.
import { v5 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import { HOUSE_ACTOR } from '#core/journal/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeAsk } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import type { RunningHouse } from '../house/house.ts';
import type { Log } from '../log/log.ts';
import type { Credentials } from './credentials.ts';
import type { People } from './people.ts';
import { TELL_AFTER, type Asked, type Asking } from './throttle.ts';

/** A name space of our own for ids that follow from something. */
const TOLD = '5e0f3a34-6f5b-4c8e-8c55-0d3b6f1c7a92';

export type Tried = { ok: true } | { ok: false; status: 401 | 429; says: { code: string; left?: number; waitMs?: number } };
export type TryPin = (asking: Asking & { pin: string }) => Promise<Tried>;

type Parts = {
  house: RunningHouse;
  people: People;
  credentials: Credentials;
  throttle: (asking: Asking) => Promise<Asked>;
  log: Log;
};

export function makeTryPin({ house, people, credentials, throttle, log }: Parts): TryPin {
  const ask = makeAsk(house.client);
  const entryOf = ask.value(t.person.entry, 'select entry from p_person where id = ?');

  /** Called once an hour and person at most: the id follows from both. */
  function tell(person: string): void {
    const known = people.find(person);
    const lead = people.all().find(({ role }) => role === 'lead');
    if (!known || !lead) return;
    const now = Math.round(house.clock.now());
    const due = `${entryOf(person)}:pins-guessed:${Math.floor(Date.now() / HOUR_MS)}`;
    const says = `${TELL_AFTER} wrong PINs within an hour for ${known.name}`;
    const entry = {
      id: v5(due, TOLD),
      kind: 'page.sent' as const,
      version: versionOf('page.sent'),
      occurredAtMs: now,
      payload: { due, stage: 1, to: lead.id, says },
    };
    const outcome = house.append({ actId: v5(`act of ${due}`, TOLD), entries: [entry] }, { id: HOUSE_ACTOR, role: 'trainee' });
    if (!outcome.ok) log.error({ person, codes: outcome.refusals.map(({ code }) => code) }, 'could not tell a lead of wrong PINs');
  }

  return async ({ pin, ...asking }) => {
    const asked = await throttle(asking);
    if (!asked.ok) return { ok: false, status: 429, says: { code: 'tooMany', waitMs: asked.waitMs } };
    const right = await credentials.isRight(asking.person, pin);
    if (right && people.find(asking.person)) {
      await asked.right();
      return { ok: true };
    }
    const { tell: isTime } = await asked.wrong();
    if (isTime) tell(asking.person);
    return { ok: false, status: 401, says: { code: 'wrongPin', left: asked.left } };
  };
}
