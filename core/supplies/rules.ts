// When a supply may be put on the list, and what came or was counted.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isSameName } from '../text/index.ts';
import type { Item, Piles, SupplyChanged, SupplyEntries, SupplyFields, Used } from './entries.ts';
import type { SupplyState } from './state.ts';

const MOST_SUPPLIES = 200;

export const supplyRules: Rules<SupplyEntries, SupplyState> = {
  'supply.added': {
    decide({ payload }, { state }) {
      if (state.findSupply(payload.supply)) return refuse('exists', 'supply', { what: 'supply', name: payload.name });
      if (state.supplies().length >= MOST_SUPPLIES) return refuse('supply.tooMany', 'name', { most: MOST_SUPPLIES });
      return [...nameFree(payload.name, payload.supply, state), ...weighsSalt(payload)];
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
      return [...nameFree(name, payload.supply, state), ...weighsSalt({ ...known, ...(payload.fields as Partial<SupplyFields>) })];
    },
    links: ({ supply }) => ({ needs: [supply] }),
  },
  'supply.received': {
    decide: ({ payload }, { state }) => againstItem(payload.item, state),
    links: ({ item }) => ({ needs: [item] }),
  },
  'supply.counted': {
    decide: ({ payload }, { state }) => {
      const against = againstItem(payload.item, state);
      return against.length > 0 || payload.dirty === undefined ? against : isReused(payload.item, state);
    },
    links: ({ item }) => ({ needs: [item] }),
  },
  'supply.returned': {
    decide: ({ payload: { item, amount } }, { state }) => againstPile({ item, amount, pile: 'out' }, state),
    links: ({ item }) => ({ needs: [item] }),
  },
  'supply.washed': {
    decide: ({ payload: { item, amount, thrown = 0 } }, { state }) => againstPile({ item, amount: amount + thrown, pile: 'dirty' }, state),
    links: ({ item }) => ({ needs: [item] }),
  },
};

/** What an act uses: each thing once, known, and no more than is here by the records without being asked. */
export function againstUsed(used: readonly Used[] = [], state: Pick<SupplyState, 'findItem' | 'amountOf'>): Refusal[] {
  return used.flatMap(({ item, amount }, index) => {
    const path = `used.${index}`;
    const known = state.findItem(item);
    if (!known) return refuse('unknown', `${path}.item`, { what: 'supply', id: item });
    if (used.findIndex((line) => line.item === item) !== index) return refuse('supply.twice', path, { name: known.name });
    const here = state.amountOf(item);
    return here !== undefined && amount > here + 1e-9
      ? refuse('supply.notSoMuch', `${path}.amount`, { name: known.name, unit: known.unit, amount, here, pile: 'clean' }, 'trainee')
      : [];
  });
}

/** More than lie there would make the other pile out of nothing. */
function againstPile({ item, amount, pile }: Used & { pile: keyof Piles }, state: SupplyState): Refusal[] {
  const against = againstItem(item, state);
  if (against.length > 0) return against;
  const not = isReused(item, state);
  if (not.length > 0) return not;
  const here = state.pilesOf(item)[pile];
  const { name, unit } = state.findItem(item)!;
  return amount > here + 1e-9 ? refuse('supply.notSoMuch', 'amount', { name, unit, amount, here, pile }, 'keeper') : [];
}

function isReused(id: string, state: SupplyState): Refusal[] {
  const item = state.findItem(id)!;
  return item.reused ? [] : refuse('supply.notReused', 'item', { name: item.name });
}

const weighsSalt = ({ salt, unit, name }: Pick<Item, 'salt' | 'unit' | 'name'>): Refusal[] =>
  salt && unit !== 'g' && unit !== 'kg' ? refuse('supply.notSalt', 'unit', { name }) : [];

const againstItem = (id: string, state: SupplyState): Refusal[] =>
  state.findItem(id) ? [] : refuse('unknown', 'item', { what: 'supply', id });

const nameFree = (name: string, self: string, state: SupplyState): Refusal[] =>
  state.supplies().some((supply) => supply.id !== self && isSameName(supply.name, name))
    ? refuse('exists', 'name', { what: 'supply', name })
    : [];
