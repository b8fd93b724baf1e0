// When a supply may be put on the list, and what came or was counted.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isSameName } from '../text/index.ts';
import type { SupplyChanged, SupplyEntries } from './entries.ts';
import type { SupplyState } from './state.ts';

const MOST_SUPPLIES = 200;

export const supplyRules: Rules<SupplyEntries, SupplyState> = {
  'supply.added': {
    decide({ payload }, { state }) {
      if (state.findSupply(payload.supply)) return refuse('exists', 'supply', { what: 'supply', name: payload.name });
      if (state.supplies().length >= MOST_SUPPLIES) return refuse('supply.tooMany', 'name', { most: MOST_SUPPLIES });
      return nameFree(payload.name, payload.supply, state);
    },
    links: ({ supply }) => ({ makes: [supply] }),
  },
  'supply.changed': {
    decide({ payload }, { state }) {
      const known = state.findSupply(payload.supply);
      if (!known) return refuse('unknown', 'supply', { what: 'supply', id: payload.supply });
      const against = againstChange({ ...payload, of: `supply:${payload.supply}` }, known as SupplyChanged['fields'], state);
      if (against.length > 0) return against;
      const { name = known.name, gone = known.gone, unit = known.unit } = payload.fields;
      // Thirty pieces are not thirty kilograms.
      if (unit !== known.unit && state.isCounted(payload.supply))
        return refuse('supply.unitFixed', 'fields.unit', { name: known.name, unit: known.unit });
      if (gone) return [];
      if (known.gone && state.supplies().length >= MOST_SUPPLIES) return refuse('supply.tooMany', 'fields', { most: MOST_SUPPLIES });
      return nameFree(name, payload.supply, state);
    },
    links: ({ supply }) => ({ needs: [supply] }),
  },
  'supply.received': {
    decide: ({ payload }, { state }) => againstItem(payload.item, state),
    links: ({ item }) => ({ needs: [item] }),
  },
  'supply.counted': {
    decide: ({ payload }, { state }) => againstItem(payload.item, state),
    links: ({ item }) => ({ needs: [item] }),
  },
};

const againstItem = (id: string, state: SupplyState): Refusal[] =>
  state.findItem(id) ? [] : refuse('unknown', 'item', { what: 'supply', id });

const nameFree = (name: string, self: string, state: SupplyState): Refusal[] =>
  state.supplies().some((supply) => supply.id !== self && isSameName(supply.name, name))
    ? refuse('exists', 'name', { what: 'supply', name })
    : [];
