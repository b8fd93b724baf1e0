// Where a bag goes first, in words, and why; and how sure what is in it is.
import type { BagCard } from '#contract/views.ts';
import type { Advised, EachFish, Route, TriageFact } from '#core/dock/index.ts';
import { CONDITIONS } from '#core/dock/index.ts';
import type { Certainty } from '#core/lots/index.ts';

export const ROUTE_SAYS: Record<Route, string> = {
  'as usual': 'its usual way',
  'bath offered': 'its usual way; a first-aid bath may help',
  'quarantine without medicine': 'quarantine with time to settle, no medicine yet',
  'observation tank': 'an observation tank before quarantine: hides, weak flow',
  'clean water now': 'clean water now, before anything else',
};

const FACT_SAYS: Record<TriageFact, string> = {
  critical: 'a critical fish',
  soft: 'a soft bag',
  foul: 'foul water',
  poor: 'fish in poor shape',
  tired: 'tired fish',
  'dead in the bag': 'a dead fish among them',
  late: 'late',
  'long closed': 'closed for long',
};

/** `a critical fish, foul water`. */
export const sayBecause = ({ because }: Advised): string => because.map(({ fact }) => FACT_SAYS[fact]).join(', ');

/** After what they are said to be. */
export const SURE_SAYS: Record<Certainty, string> = { certain: 'certain', likely: 'likely', guess: 'a guess' };

/** Length and sex as seen, against what was ordered: `4 cm, males; females ordered`. */
export function saySeen({ landed, ordered }: Pick<BagCard, 'landed' | 'ordered'>): string | undefined {
  const { sizeCm, sex } = landed ?? {};
  const said = [sizeCm !== undefined && `${sizeCm} cm`, sex].filter(Boolean).join(', ');
  if (said === '') return undefined;
  const asked = [
    sizeCm !== undefined && ordered?.sizeCm !== undefined && ordered.sizeCm !== sizeCm && `${ordered.sizeCm} cm`,
    sex !== undefined && ordered?.sex !== undefined && ordered.sex !== sex && ordered.sex,
  ].filter(Boolean);
  return `${said}${asked.length > 0 ? ` (${asked.join(', ')} ordered)` : ''}`;
}

/** `4 fit, 1 tired, 1 critical`. */
export const sayEach = (each: EachFish): string =>
  CONDITIONS.flatMap((condition) => (each[condition] ? [`${each[condition]} ${condition}`] : [])).join(', ');

/** How a fact about a bag is asked for among the rules of the house. */
export const FACT_TITLES: Record<TriageFact, string> = {
  critical: 'A critical fish in it',
  soft: 'Soft bag',
  foul: 'Foul water',
  poor: 'Poor fish',
  tired: 'Tired fish',
  'dead in the bag': 'Dead fish among the living',
  late: 'Late crate',
  'long closed': 'Crate closed for long',
};
