// When a reading may be written. What it means for a bag or a tank is judged where it is used.
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isSameName } from '../text/index.ts';
import type { ReadingTaken, WaterEntries } from './entries.ts';
import { formsOf, mostOf, type KitChanged, type KitFacts, type KitFields } from './kits.ts';
import type { WaterState } from './state.ts';
import { DAY_MS } from '../time/index.ts';
import { PLAUSIBLE } from './units.ts';

export const waterRules: Rules<WaterEntries, WaterState> = {
  'reading.taken': {
    decide({ payload, occurredAtMs }, { state }) {
      const { subject, quantity, reading } = payload;
      const { kind, id } = subject;
      const known = kind === 'bag' ? state.hasBag(id) : kind === 'run' ? state.hasRun(id) : state.hasSystem(id);
      if (!known) return refuse('unknown', 'subject.id', { what: subject.kind, id: subject.id });
      const { min, max, unit } = PLAUSIBLE[quantity];
      if (reading.value < min || reading.value > max) {
        return refuse('reading.implausible', 'reading.value', { quantity, value: reading.value, min, max, unit });
      }
      return againstKit(payload, occurredAtMs, state);
    },
  },
  'kit.added': {
    decide({ payload }, { state }) {
      if (state.findKit(payload.kit)) return refuse('exists', 'kit', { what: 'test', name: payload.name });
      if (state.kits().length >= MOST_KITS) return refuse('kit.tooMany', 'name', { most: MOST_KITS });
      return againstFields({ id: payload.kit, ...payload }, state);
    },
    links: ({ kit }) => ({ makes: [kit] }),
  },
  'kit.changed': {
    decide({ payload }, { state }) {
      const known = state.findKit(payload.kit);
      if (!known) return refuse('unknown', 'kit', { what: 'test', id: payload.kit });
      const against = againstChange({ ...payload, of: `kit:${payload.kit}` }, known as KitChanged['fields'], state);
      if (against.length > 0) return against;
      const now = { ...known, ...payload.fields } as KitFacts;
      if (now.gone) return [];
      if (known.gone && state.kits().length >= MOST_KITS) return refuse('kit.tooMany', 'fields', { most: MOST_KITS });
      return againstFields({ ...now, form: now.form ?? undefined }, state);
    },
    links: ({ kit }) => ({ needs: [kit] }),
  },
};

const MOST_KITS = 200;

/** One name a test, and a scale of its own quantity. */
function againstFields(
  { id, name, quantity, form }: Pick<KitFields, 'name' | 'quantity' | 'form'> & { id: string },
  state: WaterState,
): Refusal[] {
  if (state.kits().some((kit) => kit.id !== id && isSameName(kit.name, name))) return refuse('exists', 'name', { what: 'test', name });
  const forms = formsOf(quantity);
  // A number that means two things is worth nothing.
  const isSaid = forms.length === 0 ? form === undefined : form !== undefined && forms.includes(form);
  return isSaid ? [] : refuse('kit.form', 'form', { quantity, forms: forms.join(', ') });
}

/** Read with a test of something else, past the end of its scale or past its day; copper on another scale than the last time is an overdose in waiting. */
function againstKit({ kit: id, quantity, reading, subject }: ReadingTaken, atMs: number, state: WaterState): Refusal[] {
  const before = quantity === 'copper' && subject.kind === 'system' ? state.copperFormOf(subject.id) : undefined;
  // With which test is not known: it may be the other scale.
  if (id === undefined) return before === undefined ? [] : refuse('kit.copperNotSaid', 'kit', { before }, 'trainee');
  const kit = state.findKit(id);
  if (!kit || kit.gone) return refuse('unknown', 'kit', { what: 'test', id });
  const { name } = kit;
  if (kit.quantity !== quantity) return refuse('kit.otherQuantity', 'kit', { name, is: kit.quantity, quantity });
  const most = mostOf(kit);
  if (most !== undefined && reading.value > most * (1 + OVER_SLACK))
    return refuse('kit.overScale', 'reading.value', { name, most: kit.most!, value: reading.value });
  return [
    ...(kit.goodUntilMs !== undefined && atMs > kit.goodUntilMs + DAY_MS
      ? refuse('kit.expired', 'kit', { name, atMs: kit.goodUntilMs }, 'trainee')
      : []),
    ...(before !== undefined && before !== kit.form
      ? refuse('kit.otherCopper', 'kit', { name, form: kit.form ?? '', before }, 'keeper')
      : []),
  ];
}
/** Of what a unit turned into another loses in its digits. */
const OVER_SLACK = 1e-6;
