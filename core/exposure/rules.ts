// When a tool or a water change may be written down. A mistake is never refused: it is recorded, so that it can be traced.
// Only water from hold to display is asked about, since that can still be left undone.
import { refuseMix, UNREAD_COLDER_C, type Poured } from '../bench/index.ts';
import { againstWaterTwice } from '../chores/index.ts';
import { againstChange, refuse, type Refusal, type Actor, BEFORE_ALLOWED_MS, type Context, type Rules } from '../journal/index.ts';
import { STARTING_PLACEMENT, fitTreatments, livingOn } from '../placement/index.ts';
import { atLeast, type Role } from '../roles/index.ts';
import { againstUsed } from '../supplies/index.ts';
import { againstFreeing } from '../waterTests/index.ts';
import type { Purpose, TankFacts } from '../room/index.ts';
import { personOfHands, type ExposureEntries, type ToolFields, type WaterExchanged } from './entries.ts';
import type { ExposureState } from './state.ts';

/** Water may go from these to any tank, and into the others never back. */
const CLEAN: readonly Purpose[] = ['sale', 'home', 'breeding', 'customer'];

export const exposureRules: Rules<ExposureEntries, ExposureState> = {
  'tool.added': {
    decide({ payload }, { state }) {
      if (personOfHands(payload.tool) !== undefined) return refuse('id.taken', 'tool', { id: payload.tool });
      if (state.findTool(payload.tool)) return refuse('exists', 'tool', { what: 'tool', name: payload.name });
      return racksKnown(payload.racks, state);
    },
    links: ({ tool }) => ({ makes: [tool] }),
  },
  'tool.changed': {
    decide({ payload }, { state }) {
      const known = state.findTool(payload.tool);
      if (!known) return refuse('unknown', 'tool', { what: 'tool', id: payload.tool });
      const against = againstChange<ToolFields>({ ...payload, of: `tool:${payload.tool}` }, known, state);
      return against.length > 0 ? against : racksKnown(payload.fields.racks ?? [], state);
    },
    links: ({ tool }) => ({ needs: [tool] }),
  },
  'tool.used': {
    decide({ payload }, { state, actor }) {
      return [
        ...toolKnown(payload.tool, state),
        ...ofOthers(payload.tool, actor, 'keeper'),
        ...payload.tanks.flatMap((tank, index) =>
          state.findTank(tank) ? [] : refuse('unknown', `tanks.${index}`, { what: 'tank', id: tank }),
        ),
      ];
    },
    links: ({ tool, tanks }) => ({ needs: personOfHands(tool) ? tanks : [tool, ...tanks] }),
  },
  'tool.disinfected': {
    decide: ({ payload, occurredAtMs }, { state, actor }) => [
      ...toolKnown(payload.tool, state),
      ...ofOthers(payload.tool, actor, 'lead'),
      ...usedSince(payload.tool, occurredAtMs, { state, actor }),
    ],
    links: ({ tool }) => ({ needs: personOfHands(tool) ? [] : [tool] }),
  },
  'water.exchanged': {
    decide: ({ payload, occurredAtMs }, context) => [
      ...decideExchange(payload, { ...context, atMs: occurredAtMs }),
      ...dilutes(payload, context.state),
      ...frees(payload, occurredAtMs, context.state),
      ...againstWaterTwice('water change', { ...payload, atMs: occurredAtMs }, context.state),
      ...againstUsed(payload.used, context.state),
    ],
    links: ({ tank, fromTank, used = [] }) => ({ needs: [tank, ...(fromTank ? [fromTank] : []), ...used.map(({ item }) => item)] }),
  },
};

/** A medicine gets weaker by it, and its days may not count: it is given again to the same level, by its label, or there is a reason. */
function dilutes({ tank, fromTank, litres, atSump, redosed = [] }: WaterExchanged, state: ExposureState): Refusal[] {
  const to = state.findTank(tank);
  const from = fromTank === undefined ? undefined : state.findTank(fromTank);
  if (!to || from?.system === to.system) return [];
  const treatments = state.systemStateOf(to.system).treatments.filter((family) => !redosed.includes(family));
  const { volumeL } = atSump ? state.findSystem(to.system)! : to;
  return treatments.length === 0
    ? []
    : refuse('water.dilutes', 'litres', { tank: to.code, family: treatments.join(', '), share: litres / volumeL }, 'keeper');
}

/** In the tank it meets who lives there before it has mixed with all of its water. */
function frees({ tank, fromTank, litres, atSump, pH }: WaterExchanged, atMs: number, state: ExposureState): Refusal[] {
  const to = state.findTank(tank);
  const from = fromTank === undefined ? undefined : state.findTank(fromTank)?.system;
  if (!to || from === to.system) return [];
  const { volumeL } = atSump || state.occupants(tank).length === 0 ? state.findSystem(to.system)! : to;
  const share = Math.min(1, litres / volumeL);
  return againstFreeing({ system: to.system, atMs, share, pouredPH: pH, from, code: to.code }, state);
}

function decideExchange(change: WaterExchanged, { state, atMs }: Context<ExposureState> & { atMs: number }): Refusal[] {
  const { tank, litres, source, fromTank, atSump } = change;
  const to = state.findTank(tank);
  if (!to) return refuse('unknown', 'tank', { what: 'tank', id: tank });
  // Into the tank it meets who lives there at full strength; at the sump it has mixed with all of the system before it meets anybody.
  const volumeL = atSump ? state.findSystem(to.system)!.volumeL : to.volumeL;
  if (litres > volumeL) return refuse('water.tooMuch', 'litres', { litres, volumeL, code: to.code });
  const systemL = state.findSystem(to.system)!.volumeL;
  const here = new Set(state.occupants(tank).map(({ lot }) => lot));
  // In the tank it is as strong as it is poured; who lives elsewhere on that water meets it mixed with all of it.
  const steps = (into: { tank: string } | Poured) =>
    [...new Set(livingOn(to.system, state).map(({ lot }) => lot))].flatMap((lot) =>
      refuseMix({ lot, into: to, share: Math.min(1, litres / (here.has(lot) ? volumeL : systemL)), with: into, path: 'litres' }, state),
    );
  if (source === 'mixed') {
    if (fromTank) return refuse('water.twoSources', 'fromTank');
    const { salinityPpt, temperatureC } = change;
    // Not read, it counts as the worst it may be: what that would do over tolerance wants a reading, or a keeper who knows.
    const now = state.findSystem(to.system)!;
    const worst = { salinityPpt: salinityPpt ?? 0, temperatureC: temperatureC ?? now.temperatureC - UNREAD_COLDER_C };
    const over = largestSteps(steps({ salinityPpt, temperatureC }));
    return over.length === 0 && steps(worst).length > 0
      ? refuse('water.notRead', 'litres', { tank: to.code, share: litres / volumeL }, 'keeper')
      : over;
  }
  const from = fromTank === undefined ? undefined : state.findTank(fromTank);
  if (!from) return refuse('unknown', 'fromTank', { what: 'tank', id: fromTank ?? '?' });
  if (from.id === to.id) return refuse('water.itself', 'fromTank');
  if (from.system === to.system) return [];
  const held = !CLEAN.includes(from.purpose) || state.occupants(from.id).some(({ lot }) => state.findOpenQuarantine(lot));
  return [
    ...(held && CLEAN.includes(to.purpose) ? refuse('water.fromQuarantine', 'fromTank', { from: from.code, to: to.code }, 'lead') : []),
    ...treated({ from, to }, atMs, state),
    ...largestSteps(steps({ tank: from.id })),
  ];
}

/** What each quantity does at its worst: one refusal for all lots of the tank. */
function largestSteps(refusals: readonly Refusal[]): Refusal[] {
  const share = ({ facts }: Refusal) => Math.abs(Number(facts.step) / Number(facts.tolerance));
  return [...new Set(refusals.map(({ code }) => code))].map((code) =>
    refusals.filter((refusal) => refusal.code === code).reduce((most, refusal) => (share(refusal) > share(most) ? refusal : most)),
  );
}

/** Water under a treatment, or that may hold one still, that somebody on the other system does not bear. */
function treated({ from, to }: { from: TankFacts; to: TankFacts }, now: number, state: ExposureState): Refusal[] {
  const systemState = state.systemStateOf(from.system);
  const { heldDays } = (state.findRules() ?? STARTING_PLACEMENT).places;
  const against = livingOn(to.system, state).flatMap((resident) => fitTreatments(resident, systemState, { heldDays, now }));
  return [...new Set(against.map(({ facts }) => facts.family!))].flatMap((family) => {
    const harmed = against.filter(({ facts }) => facts.family === family).map(({ facts }) => facts.species);
    return refuse('water.treated', 'fromTank', { from: from.code, family, species: [...new Set(harmed)].join(', ') }, 'lead').map(
      (refusal) => ({
        ...refusal,
        emergency: true as const,
      }),
    );
  });
}

/** Whose hands were wet a keeper may tell, and of their own everybody; that they are clean only they themselves. */
function ofOthers(tool: string, { id, role }: Actor, rank: Role): Refusal[] {
  const person = personOfHands(tool);
  return person === undefined || person === id || atLeast(role, rank) ? [] : refuse('tool.notYourHands', 'tool', { needs: rank });
}

/** Disinfected before it was wet again it would undo whom it has met. */
function usedSince(tool: string, atMs: number, { state, actor }: Pick<Context<ExposureState>, 'state' | 'actor'>): Refusal[] {
  const last = state.lastUseOf(tool);
  return last === undefined || atMs + BEFORE_ALLOWED_MS >= last || atLeast(actor.role, 'lead')
    ? []
    : refuse('tool.usedSince', 'occurredAtMs', { atMs: last });
}

function toolKnown(tool: string, state: ExposureState): Refusal[] {
  const person = personOfHands(tool);
  const known = person === undefined ? state.findTool(tool) : state.findPerson(person);
  return known ? [] : refuse('unknown', 'tool', { what: 'tool', id: tool });
}

function racksKnown(racks: readonly string[], state: ExposureState): Refusal[] {
  return racks.flatMap((rack, index) => (state.findRack(rack) ? [] : refuse('unknown', `racks.${index}`, { what: 'rack', id: rack })));
}
