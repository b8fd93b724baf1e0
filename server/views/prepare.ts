// Getting ready: the crates that are on their way, and of one of them what is to be done before it is here.
import type { PrepSystemCard } from '#contract/views.ts';
import { offerFor } from '#core/prepare/index.ts';
import { CRATE_WINDOW_MS } from '../now/rows.ts';
import { makeAsk, number } from '../db/ask.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareMatches, preparePreparing } from '../prepare/facts.ts';
import type { MakeView } from './view.ts';

export const makePrepareView: MakeView<'prepare'> = (client) => {
  const preparing = preparePreparing(client);
  const laidSince = prepareMatches(client);
  const tanksOn = makeAsk(client).value(number, `select count(*) from p_tank t where system = ? and ${IN_HOUSE('t')}`);
  return ({ now, rules, query }) => {
    const crates = preparing.crates(now - CRATE_WINDOW_MS, now);
    const asked = query.crate ? crates.find(({ crate }) => crate === query.crate) : crates[0];
    const linesOf = (crate: (typeof crates)[number]) => preparing.lines(crate, rules, now);
    const laid = laidSince(now - CRATE_WINDOW_MS);
    const systems = (asked?.facts.systems ?? []).map((system): PrepSystemCard => {
      const match = laid.find((plan) => plan.crate === asked!.crate && plan.system === system.system);
      const offer = offerFor(system, asked!.facts, rules, now);
      return {
        system: system.system,
        name: system.name,
        volumeL: system.volumeL,
        tanks: tanksOn(system.system) ?? 0,
        salinityPpt: system.salinityPpt,
        ...(system.readAtMs.salinity === undefined ? {} : { readMs: system.readAtMs.salinity }),
        residents: [...new Set(system.residents.map(({ label }) => label))],
        ...(offer ? { offer } : {}),
        ...(match ? { laid: { ...match, against: preparing.unfitFor(match).map(({ code, facts }) => ({ code, facts })) } } : {}),
      };
    });
    return {
      crates: crates.map((crate) => ({
        crate: crate.crate,
        label: crate.label,
        promisedAtMs: crate.promisedAtMs,
        open: linesOf(crate).filter(({ ticked }) => !ticked).length,
      })),
      ...(asked
        ? {
            crate: {
              crate: asked.crate,
              label: asked.label,
              supplier: asked.supplier,
              promisedAtMs: asked.promisedAtMs,
              stated: asked.facts.stated,
              bags: asked.facts.lots.length,
              heads: asked.facts.lots.reduce((sum, { n }) => sum + n, 0),
            },
          }
        : {}),
      lines: asked ? linesOf(asked) : [],
      systems,
    };
  };
};
