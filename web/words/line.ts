// Why a line was not understood, in words.
import type { Stuck } from '#core/line/index.ts';
import { PLAUSIBLE } from '#core/water/index.ts';
import type { Units } from '../data/units.ts';

const list = (words: readonly string[]) => (words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`);

export function sayStuck(stuck: Stuck, { say }: Units): string {
  switch (stuck.at) {
    case 'empty':
      return '';
    case 'tank':
      return 'Which tank? Name it by its code.';
    case 'saying':
      return 'What of it? Lost, count, moved, fed, a sign, a temperature, or well.';
    case 'destination':
      return 'Where to? Say: move 6 F2 > F7.';
    case 'noFish':
      return `There are no fish on record in ${stuck.code}.`;
    case 'fish':
      return `Which fish: ${list(stuck.lots.map(({ label }) => label))}?`;
    case 'food':
      return 'Which food? Say: brine: ate 4/6.';
    case 'number':
      return 'How many?';
    case 'words':
      return `“${stuck.word}” says nothing here.`;
    case 'tooMany':
      return `${stuck.lot.n} ${stuck.lot.label} are on record there, not ${stuck.said}. If there are more, count them first.`;
    case 'reading': {
      const { min, max } = PLAUSIBLE[stuck.quantity];
      return `${say(stuck.quantity, stuck.value)} cannot be: ${say(stuck.quantity, min)} to ${say(stuck.quantity, max)}. Is the unit right?`;
    }
    case 'contradiction':
      return 'Ignored, and eaten by some, cannot both be true.';
  }
}
