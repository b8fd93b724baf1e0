// When a tool or a water change may be written down. A mistake is never refused: it is recorded, so that it can be traced.
// Only water from hold to display is asked about, since that can still be left undone.
import { againstChange } from '../journal/change.ts';
import { refuse, type Refusal } from '../journal/refusal.ts';
import type { Context, Rules } from '../journal/rule.ts';
import type { Purpose } from '../room/entries.ts';
import { personOfHands, type ExposureEntries, type ToolFields, type WaterExchanged } from './entries.ts';

/** Water may go from these to any tank, and into the others never back. */
const CLEAN: readonly Purpose[] = ['sale', 'home', 'customer'];

export const exposureRules: Rules<ExposureEntries> = {
  'tool.added': {
    decide({ payload }, { state }) {
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
    decide({ payload }, { state }) {
      return [
        ...toolKnown(payload.tool, state),
        ...payload.tanks.flatMap((tank, index) =>
          state.findTank(tank) ? [] : refuse('unknown', `tanks.${index}`, { what: 'tank', id: tank }),
        ),
      ];
    },
    links: ({ tool, tanks }) => ({ needs: personOfHands(tool) ? tanks : [tool, ...tanks] }),
  },
  'tool.disinfected': {
    decide: ({ payload }, { state }) => toolKnown(payload.tool, state),
    links: ({ tool }) => ({ needs: personOfHands(tool) ? [] : [tool] }),
  },
  'water.exchanged': {
    decide: ({ payload }, context) => decideExchange(payload, context),
    links: ({ tank, fromTank }) => ({ needs: fromTank ? [tank, fromTank] : [tank] }),
  },
};

function decideExchange({ tank, litres, source, fromTank }: WaterExchanged, { state }: Context): Refusal[] {
  const to = state.findTank(tank);
  if (!to) return refuse('unknown', 'tank', { what: 'tank', id: tank });
  if (litres > to.volumeL) return refuse('water.tooMuch', 'litres', { litres, volumeL: to.volumeL, code: to.code });
  if (source === 'mixed') return fromTank ? refuse('water.twoSources', 'fromTank') : [];
  const from = fromTank === undefined ? undefined : state.findTank(fromTank);
  if (!from) return refuse('unknown', 'fromTank', { what: 'tank', id: fromTank ?? '?' });
  if (from.id === to.id) return refuse('water.itself', 'fromTank');
  const held = !CLEAN.includes(from.purpose) || state.occupants(from.id).some(({ lot }) => state.findOpenHold(lot));
  return held && CLEAN.includes(to.purpose) && from.water !== to.water
    ? refuse('water.fromHold', 'fromTank', { from: from.code, to: to.code }, 'lead')
    : [];
}

function toolKnown(tool: string, state: Context['state']): Refusal[] {
  const person = personOfHands(tool);
  const known = person === undefined ? state.findTool(tool) : state.findPerson(person);
  return known ? [] : refuse('unknown', 'tool', { what: 'tool', id: tool });
}

function racksKnown(racks: readonly string[], state: Context['state']): Refusal[] {
  return racks.flatMap((rack, index) => (state.findRack(rack) ? [] : refuse('unknown', `racks.${index}`, { what: 'rack', id: rack })));
}
