// Runs as the bench, the strip, today and the pager see them.
import type Database from 'better-sqlite3';
import type { RunCard, VesselTimer } from '#contract/views.ts';
import { dueByEye, runDues, soonest, watchOf, type RunDue } from '#core/runs/index.ts';
import { makeAsk, text, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/rows.ts';
import { endsOf, type Ended } from './ends.ts';
import { prepareKnown, type Known } from './known.ts';

export type ReadRuns = (now: number) => RunCard[];

export function prepareRunCards(client: Database.Database): ReadRuns {
  const ask = makeAsk(client);
  const known = prepareKnown(client);
  const endOf = endsOf(client);
  const pages = ask.all(
    { ...pick(t.page, 'due', 'stage', 'to', 'atMs'), toName: text },
    `select p.due, p.stage, p."to", ${personName('p."to"')} toName, p.at_ms atMs from p_page p where p.due >= ? and p.due < ? and p.voided_by is null order by p.at_ms, p.stage`,
  );
  const nameOf = ask.only(text, `select ${personName('?')}`);
  const complete = (run: Known, now: number): RunCard => {
    const { end, cannot, dues } = duesOf(run, endOf(run, now));
    const watch = watchOf(run);
    return {
      ...run,
      end,
      ...(cannot === undefined ? {} : { cannot }),
      dues,
      pages: pages(`${run.entry}:`, `${run.entry};`),
      watcher: watch && { id: watch.who, name: nameOf(watch.who, watch.who) },
    };
  };
  return (now) => known().map((run) => complete(run, now));
}

/** One whose sheet cannot be followed is looked at by eye; it takes no other off the strip, Today or the pager. */
function duesOf(run: Known, ended: Ended): Ended & { dues: RunDue[] } {
  try {
    return { ...ended, dues: ended.cannot === undefined ? runDues(run, ended.end?.atMs) : dueByEye(run) };
  } catch (error) {
    return { cannot: (error as Error).message, dues: dueByEye(run) };
  }
}

export function timersOf(runs: readonly RunCard[]): VesselTimer[] {
  return runs.flatMap((card): VesselTimer[] => {
    const { run, started, method, lotLabel, n, tank, startedAtMs, dues, pages, entry, watcher, by } = card;
    const next = soonest(dues);
    if (!next) return [];
    const paged = pages.findLast(({ due }) => due === `${entry}:${next.rule}:${next.step}`)?.toName;
    return [
      {
        run,
        vessel: started.vessel.name,
        method,
        lotLabel,
        n,
        tankCode: tank.code,
        startedAtMs,
        next,
        ...(paged ? { paged } : {}),
        ...(watcher ? { watcher: watcher.id, watcherName: watcher.name } : {}),
        by,
      },
    ];
  });
}
