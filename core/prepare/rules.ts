// When a match may be laid down and a line ticked.
import { toleranceOf } from '../bench/index.ts';
import type { DockState } from '../dock/index.ts';
import type { Mark } from '../journal/index.ts';
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { livingOn, type LivingState, type PlacementState } from '../placement/index.ts';
import { atLeast } from '../roles/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { DAY_MS } from '../time/index.ts';
import type { RoomState } from '../room/index.ts';
import type { MatchPlanned, PrepareEntries } from './entries.ts';
import { againstLife, SAME_PPT, STEP_PPT, tenth, type MatchedWater } from './laid.ts';
import type { Resident } from './match.ts';
import { STARTING_PREPARE, type PrepareSettings } from './settings.ts';

export interface MatchedState extends LivingState, Pick<PlacementState, 'comingTo' | 'systemStateOf'> {
  findRules(): PrepareSettings | undefined;
}
export interface PrepareState extends MatchedState, Pick<DockState, 'findCrate'>, Pick<RoomState, 'findSystem' | 'findTank'> {
  /** When the salinity of a system was read last. */
  salinityReadMs(system: string): number | undefined;
  /** A line by hand, and whether it waits for something. */
  findPrepLine(id: string): { waits: boolean } | undefined;
}

/** A salinity that was read longer ago than this is asked about. A judgement. */
const READ_WITHIN_MS = 3 * DAY_MS;

/** As who lives on a system bears it; what nobody named, or named by a guess, is delicate, and may have no backbone. */
export const residentOf = ({
  label,
  species,
  guessed,
}: {
  label: string;
  guessed?: boolean;
  species?: Pick<SpeciesFacts, 'tolerance' | 'is' | 'salinityPpt'>;
}): Resident => ({
  label,
  tolerance: toleranceOf(species, guessed),
  invertebrate: species?.is !== 'fish',
  ...(species?.salinityPpt && !guessed ? { salinityPpt: species.salinityPpt } : {}),
});

/** Who lives on a system, who is on the way to it, and what it is under. */
export function matchedWater(system: string, state: MatchedState): MatchedWater {
  const coming = state.tanksOn(system).flatMap((tank) => state.comingTo(tank).map(({ lot }) => lot));
  return {
    residents: livingOn(system, state).map(residentOf),
    newcomers: [...new Set(coming)].map((lot) => {
      const { label = lot, species, sure } = state.findLot(lot) ?? {};
      return residentOf({ label, guessed: sure === 'guess', species: species === undefined ? undefined : state.findSpecies(species) });
    }),
    pptPerDay: (state.findRules() ?? STARTING_PREPARE).prepare.climbPptPerDay,
    treatments: state.systemStateOf(system).treatments,
  };
}

export const prepareRules: Rules<PrepareEntries, PrepareState> = {
  'match.planned': {
    decide({ payload, occurredAtMs }, { state }) {
      const against = againstCrate(payload.crate, state);
      if (against.length > 0) return against;
      const system = state.findSystem(payload.system);
      if (!system) return refuse('unknown', 'system', { what: 'system', id: payload.system });
      if (Math.abs(system.salinityPpt - payload.fromPpt) > SAME_PPT)
        return refuse('match.otherSalinity', 'fromPpt', { ppt: tenth(system.salinityPpt), from: tenth(payload.fromPpt) });
      return (
        againstSteps(payload, system.volumeL) ?? [
          ...againstUnread(payload.system, occurredAtMs, state),
          ...againstLife(payload, matchedWater(payload.system, state)),
        ]
      );
    },
    links: ({ match, crate }) => ({ makes: [match], needs: [crate] }),
  },
  'prep.added': {
    decide({ payload }, { state }) {
      const against = againstCrate(payload.crate, state);
      if (against.length > 0) return against;
      return payload.tank !== undefined && !state.findTank(payload.tank)
        ? refuse('unknown', 'tank', { what: 'tank', id: payload.tank })
        : [];
    },
    links: ({ line, crate }) => ({ makes: [line], needs: [crate] }),
  },
  'prep.moved': {
    decide({ payload }, { state }) {
      const line = state.findPrepLine(payload.line);
      if (!line) return refuse('unknown', 'line', { what: 'line', id: payload.line });
      return line.waits ? [] : refuse('prep.waitsForNothing', 'line');
    },
    links: ({ line }) => ({ needs: [line] }),
  },
  'prep.ticked': {
    decide({ payload: { crate, left, step } }, { state, actor }) {
      if (!state.findCrate(crate)) return refuse('unknown', 'crate', { what: 'crate', id: crate });
      // That nothing stands in the way any more, that no match is needed, or that a line need not be done, is not a trainee's to say.
      const needs = left !== undefined || /^(?:way|match)\./.test(step) ? 'keeper' : 'trainee';
      return atLeast(actor.role, needs) ? [] : refuse('role', 'left', { needs, has: actor.role });
    },
    links: ({ crate }) => ({ needs: [crate] }),
  },
};

/** What is got ready for is on its way still. */
function againstCrate(id: string, state: PrepareState): Refusal[] {
  const crate = state.findCrate(id);
  if (!crate) return refuse('unknown', 'crate', { what: 'crate', id });
  const facts = (mark: Mark) => ({ crate: crate.label, by: mark.by, atMs: mark.atMs });
  if (crate.arrived) return refuse('crate.alreadyArrived', 'crate', facts(crate.arrived));
  return crate.givenUp ? refuse('crate.alreadyGivenUp', 'crate', facts(crate.givenUp)) : [];
}

/** All litres follow from where it stands: as it is set to, or as it was days ago, is not known. */
function againstUnread(system: string, atMs: number, state: PrepareState): Refusal[] {
  const readMs = state.salinityReadMs(system);
  if (readMs !== undefined && readMs > atMs - READ_WITHIN_MS) return [];
  return refuse('match.notRead', 'fromPpt', readMs === undefined ? {} : { days: Math.floor((atMs - readMs) / DAY_MS) }, 'keeper');
}

/** The litres make the salinities that they say, one after the other; undefined when they do. */
function againstSteps({ fromPpt, toPpt, waterPpt, swaps, back, backPpt, of: water }: MatchPlanned, volumeL: number): Refusal[] | undefined {
  const wrong = (path: string, problem: string) => refuse('match.badSteps', path, { problem });
  let ppt = fromPpt;
  for (const [index, { litres, toPpt: said, atMs }] of swaps.entries()) {
    if (litres > volumeL) return wrong(`swaps.${index}.litres`, 'more than the system holds');
    if (index > 0 && atMs <= swaps[index - 1]!.atMs) return wrong(`swaps.${index}.atMs`, 'not after the one before it');
    ppt += ((waterPpt - ppt) * litres) / volumeL;
    if (Math.abs(ppt - said) > STEP_PPT) return wrong(`swaps.${index}.toPpt`, `its litres make ${ppt.toFixed(2)} ppt`);
  }
  if (Math.abs(ppt - toPpt) > STEP_PPT) return wrong('toPpt', `the swaps end at ${ppt.toFixed(2)} ppt`);
  if ((water === 'fresh') !== (waterPpt === 0)) return wrong('waterPpt', 'plain water has no salt, and salt water has some');
  let afterH = 0;
  for (const [index, step] of back.entries()) {
    if (step.afterH <= afterH) return wrong(`back.${index}.afterH`, 'not after the one before it');
    ppt += ((backPpt - ppt) * step.litres) / volumeL;
    if (step.litres > volumeL || Math.abs(ppt - step.toPpt) > STEP_PPT) return wrong(`back.${index}.toPpt`, 'its litres do not make it');
    afterH = step.afterH;
  }
  return undefined;
}
