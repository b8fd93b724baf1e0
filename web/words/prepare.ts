// Lines of a preparation in words: what is to be done, and why.
import type { PrepWhat } from '#core/prepare/index.ts';
import type { Units } from '../data/units.ts';
import { sayRefusal } from './refusals.ts';
import { plural } from './text.ts';

type Ways = { units: Units; when: (ms: number) => string };

/** What the hand does. */
export function sayPrep(what: PrepWhat, { units, when }: Ways): string {
  const { say } = units;
  switch (what.kind) {
    case 'ask':
      return `Ask them: ${plural(what.open, 'thing')} not known of the water`;
    case 'tank':
      return `Choose a tank for the ${what.label}: ${plural(what.without, 'bag')} without one`;
    case 'way':
      return `${what.code}, for the ${what.label}: ${sayRefusal(what.against, { when, units })}`;
    case 'ready':
      return `${what.code} ready at ${say('temperature', what.setC)}: filter and air run, lid on, hides and thermometer in${what.occupants.length > 0 ? `, with its ${what.occupants.join(', ')}` : ''}`;
    case 'read':
      return `Read ${what.name}: ${what.quantities.join(', ')}`;
    case 'match':
      return `Lay down a match of ${what.name}: it stands at ${say('salinity', what.fromPpt)}, the bags are said to be at ${say('salinity', what.toPpt)}`;
    case 'salt':
      return `Mix ${say('volume', Math.ceil(what.litres))} of salt water at ${say('salinity', what.ppt)}: ${what.kg.toFixed(1)} kg of mix by the yield on its label`;
    case 'first aid':
      if (what.type === 'unknown')
        return `${say('volume', what.litres)} of clean water like theirs, aerated, for first aid: whether it is fresh or salt is not known yet`;
      return what.type === 'fresh'
        ? `${say('volume', what.litres)} of clean fresh water at the bags’ temperature, aerated, for first aid`
        : `${say('volume', what.litres)} of clean salt water at the bags’ temperature and salinity, aerated, for first aid${what.stated.salinityPpt === undefined ? ': theirs is not known yet' : ` (said to be ${say('salinity', what.stated.salinityPpt)})`}`;
    case 'vessels':
      return `${plural(what.buckets, 'bucket')} clean, with lid and air: one for each system that they go to, one for first aid`;
    case 'nets':
      return `Nets of their own, clean and dry: ${what.groups.join(', ')}`;
    case 'hands':
      return 'Scissors, towels, thermometer, meter and test at hand, lights low; two people for a full box, three hands to pour and net';
    case 'note':
      return what.words;
  }
}

/** Why, where it is not plain. */
export function whyPrep(what: PrepWhat, { when }: Pick<Ways, 'when'>): string | undefined {
  switch (what.kind) {
    case 'read':
      return what.lastMs === undefined
        ? 'never read: it is as it was set to'
        : `last read ${when(what.lastMs)}: older than the house’s rule by then`;
    case 'salt':
      return 'the day before, at temperature, and read again before it is used';
    case 'ready':
      return what.waits ? `waits for ${what.waits}` : undefined;
    case 'note':
      return what.waits ? `waits for ${what.waits.what}, ${when(what.waits.untilMs)}` : undefined;
    case 'way':
      return 'dealt with, or another tank chosen';
    default:
      return undefined;
  }
}

const STEP_NAMES: Record<string, string> = {
  way: 'what stood in the way',
  ready: 'the tank',
  match: 'the match of',
  salt: 'salt water mixed',
  'first-aid': 'first-aid water',
  vessels: 'buckets',
  nets: 'nets',
  hands: 'tools and hands',
  note: '',
};

/** A line by its step alone, for the logbook. */
export function sayPrepStep(step: string, name: (id: string) => string): string {
  const [kind = '', ...ids] = step.split('.');
  const named = ids.filter((id) => kind !== 'first-aid' && /^[A-Za-z0-9-]{1,64}$/.test(id)).map(name);
  return [STEP_NAMES[kind] ?? kind, ...(kind === 'way' ? named.slice(0, 1) : named)].filter(Boolean).join(' ');
}
