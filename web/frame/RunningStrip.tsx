// The running strip: every float in the house, most urgent left, with a bell when one is due.
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Afloat, ClaimTimer, CleanTimer, KitchenTimer, StillIn, TemporaryStay, VesselTimer } from '#contract/views.ts';
import { isSurfaceReading } from '#core/water/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { RULE_SAYS } from '../words/runs.ts';
import { capital, countdown } from '../words/text.ts';
import { ring } from './bell.ts';

export function RunningStrip() {
  const { data } = useView('running');
  const now = useHouseNow(1000);
  const runs = data?.floats ?? [];
  const vessels = data?.vessels ?? [];
  const stays = data?.stays ?? [];
  const clean = data?.clean ?? [];
  const kitchen = data?.kitchen ?? [];
  const stillIn = data?.stillIn ?? [];
  const claims = (data?.claims ?? []).filter(({ endMs }) => endMs > now);
  useBell(
    [
      ...runs.map(({ floatId, dueAtMs }) => ({ run: floatId, dueAtMs })),
      ...vessels.map(({ run, next }) => ({ run: `${run} ${next.rule} ${next.step}`, dueAtMs: next.dueAtMs })),
      ...clean.map(({ bag, dueAtMs }) => ({ run: `clean ${bag}`, dueAtMs })),
      ...stays.map(({ stayLimit, untilMs }) => ({ run: stayLimit, dueAtMs: untilMs })),
      ...kitchen.map(({ batch, food, is, untilMs }) => ({ run: `${batch} ${food} ${is}`, dueAtMs: untilMs })),
      ...stillIn.map(({ entry, outMs }) => ({ run: `out ${entry}`, dueAtMs: outMs })),
    ],
    now,
  );
  if (runs.length + vessels.length + stays.length + claims.length + clean.length + kitchen.length + stillIn.length === 0) return null;
  const due = runs.filter((run) => run.dueAtMs <= now);
  return (
    <section aria-label="Timers">
      <ul className="strip" aria-label="Running now">
        {[
          ...runs.map((run) => ({ dueAtMs: run.dueAtMs, item: <RunItem key={run.floatId} run={run} now={now} /> })),
          ...vessels.map((vessel) => ({ dueAtMs: vessel.next.dueAtMs, item: <VesselItem key={vessel.run} vessel={vessel} now={now} /> })),
          ...stays.map((stay) => ({ dueAtMs: stay.untilMs, item: <StayItem key={stay.stayLimit} stay={stay} now={now} /> })),
          ...clean.map((stands) => ({ dueAtMs: stands.dueAtMs, item: <CleanItem key={stands.bag} clean={stands} now={now} /> })),
          ...kitchen.map((timer) => ({
            dueAtMs: timer.untilMs,
            item: <KitchenItem key={timer.batch + timer.food} timer={timer} now={now} />,
          })),
          ...stillIn.map((food) => ({ dueAtMs: food.outMs, item: <FoodItem key={food.entry} food={food} now={now} /> })),
          ...claims.map((claim) => ({ dueAtMs: claim.endMs, item: <ClaimItem key={claim.crate} claim={claim} now={now} /> })),
        ]
          .sort((a, b) => a.dueAtMs - b.dueAtMs)
          .map(({ item }) => item)}
      </ul>
      <span className="visually-hidden" role="status">
        {[
          ...due.map((run) => `${capital(run.bagLabel)} is due in ${run.tankCode}`),
          ...vessels
            .filter(({ next }) => next.dueAtMs <= now)
            .map(
              ({ vessel, tankCode, next, paged }) =>
                `${vessel} for ${tankCode}: ${RULE_SAYS[next.rule]} is due${paged ? `, ${paged} was called` : ''}`,
            ),
          ...clean.filter(({ dueAtMs }) => dueAtMs <= now).map(({ lotLabel }) => `${lotLabel} in clean water are to be checked`),
          ...kitchen.filter(({ untilMs }) => untilMs <= now).map(({ name, is }) => `${name}: ${is} is over`),
          ...stillIn.filter(({ outMs }) => outMs <= now).map(({ what, tankCode }) => `${what} is to come out of ${tankCode}`),
          ...stays.filter(({ untilMs }) => untilMs <= now).map(({ lotLabel, tankCode }) => `${lotLabel} are to be out of ${tankCode}`),
        ].join('. ')}
      </span>
    </section>
  );
}

function RunItem({ run, now }: { run: Afloat; now: number }) {
  const { say } = useUnits();
  const leftMs = run.dueAtMs - now;
  const done = Math.min(1, Math.max(0, (now - run.startedAtMs) / Math.max(1, run.dueAtMs - run.startedAtMs)));
  const due = leftMs <= 0;
  return (
    <li className={due ? 'due' : ''}>
      <Link to={`/bench?bag=${run.bag}`}>
        <span>
          {capital(run.bagLabel)} float, {run.tankCode}
        </span>
        <span className="left num">{due ? 'due' : countdown(leftMs)}</span>
        <span className="soft">
          {due
            ? `net out ${run.n} ${run.lotLabel}`
            : `${say('temperature', run.bagC)}${isSurfaceReading({ method: run.bagMethod }) ? ' on the skin' : ''} → ${say('temperature', run.tankC)}`}
        </span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** Fish in the vessel of a run: what its hands or eyes are wanted for next. */
function VesselItem({
  vessel: { run, vessel, tankCode, startedAtMs, next, paged, n, lotLabel },
  now,
}: {
  vessel: VesselTimer;
  now: number;
}) {
  const leftMs = next.dueAtMs - now;
  const done = Math.min(1, Math.max(0, (now - startedAtMs) / Math.max(1, next.dueAtMs - startedAtMs)));
  return (
    <li className={leftMs <= 0 ? 'due' : ''}>
      <Link to={`/bench?run=${run}`}>
        <span>
          {capital(vessel)}, {tankCode}
        </span>
        <span className="left num">{leftMs <= 0 ? 'due' : countdown(leftMs)}</span>
        <span className="soft">
          {paged ? `${paged} was called: ` : ''}
          {RULE_SAYS[next.rule]}, {n} {lotLabel}
        </span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** Fish in a bucket, box or behind a divider: nobody is forgotten there. */
function StayItem({ stay: { lotLabel, n, tank, tankCode, sinceMs, untilMs }, now }: { stay: TemporaryStay; now: number }) {
  const leftMs = untilMs - now;
  const done = Math.min(1, Math.max(0, (now - sinceMs) / Math.max(1, untilMs - sinceMs)));
  return (
    <li className={leftMs <= 0 ? 'due' : ''}>
      <Link to={`/room?tank=${tank}`}>
        <span>Fish in {tankCode}</span>
        <span className="left num">{leftMs <= 0 ? 'due' : countdown(leftMs)}</span>
        <span className="soft">
          {n} {lotLabel} out
        </span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** Fish in clean water: somebody looks, and moves them on. */
function CleanItem({ clean: { bag, label, lotLabel, n, sinceMs, dueAtMs, paged }, now }: { clean: CleanTimer; now: number }) {
  const leftMs = dueAtMs - now;
  const done = Math.min(1, Math.max(0, (now - sinceMs) / Math.max(1, dueAtMs - sinceMs)));
  return (
    <li className={leftMs <= 0 ? 'due' : ''}>
      <Link to={`/bench?bag=${bag}`}>
        <span>Clean water, {label}</span>
        <span className="left num">{leftMs <= 0 ? 'due' : countdown(leftMs)}</span>
        <span className="soft">
          {paged ? `${paged} was called: ` : ''}
          {leftMs <= 0 ? 'check ' : ''}
          {n} {lotLabel}
        </span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** Food that thaws or soaks. */
function KitchenItem({ timer: { name, is, fromMs, untilMs }, now }: { timer: KitchenTimer; now: number }) {
  const leftMs = untilMs - now;
  const done = Math.min(1, Math.max(0, (now - fromMs) / Math.max(1, untilMs - fromMs)));
  return (
    <li className={leftMs <= 0 ? 'due' : ''}>
      <Link to="/rounds/kitchen">
        <span>{capital(name)}</span>
        <span className="left num">{leftMs <= 0 ? 'due' : countdown(leftMs)}</span>
        <span className="soft">{leftMs <= 0 ? (is === 'thawing' ? 'thawed' : 'soaked') : is}</span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** Food that stays in a tank for the shy, until it is to come out. */
function FoodItem({ food: { tankCode, what, atMs, outMs }, now }: { food: StillIn; now: number }) {
  const leftMs = outMs - now;
  const done = Math.min(1, Math.max(0, (now - atMs) / Math.max(1, outMs - atMs)));
  return (
    <li className={leftMs <= 0 ? 'due' : ''}>
      <Link to={leftMs <= 0 ? '/today' : `/tank/${tankCode}`}>
        <span>Food in {tankCode}</span>
        <span className="left num">{leftMs <= 0 ? 'due' : countdown(leftMs)}</span>
        <span className="soft">{what} out</span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** A supplier's hours for a claim: nothing waits in them but money. */
function ClaimItem({ claim: { crate, label, n, startMs, endMs }, now }: { claim: ClaimTimer; now: number }) {
  const done = Math.min(1, Math.max(0, (now - startMs) / Math.max(1, endMs - startMs)));
  return (
    <li>
      <Link to={`/dock/claims?crate=${crate}`}>
        <span>Claim, {label}</span>
        <span className="left num">{countdown(endMs - now)}</span>
        <span className="soft">{n} fish</span>
        <span className="bar" ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </Link>
    </li>
  );
}

/** Rings once for each float that comes due while this screen is open. */
function useBell(runs: readonly { run: string; dueAtMs: number }[], now: number): void {
  const rung = useRef<Set<string> | undefined>(undefined);
  useEffect(() => {
    const due = runs.filter((run) => run.dueAtMs <= now).map(({ run }) => run);
    // What was due before this screen looked is shown, not rung.
    if (!rung.current) {
      if (runs.length > 0) rung.current = new Set(due);
      return;
    }
    const fresh = due.filter((run) => !rung.current!.has(run));
    fresh.forEach((run) => rung.current!.add(run));
    if (fresh.length > 0) ring();
  }, [runs, now]);
}
