// The kitchen in words: entries, what is in the way, how far a batch is, where a course stands.
import type { MedicatedMeal } from '#contract/views.ts';
import type { CourseNow, HeldBack, KitchenEntries, LabelUnit, LineNow, MixFields } from '#core/kitchen/index.ts';
import type { RefusalCode } from '#core/journal/index.ts';
import type { SupplyEntries, SupplyFields, SupplyUnit } from '#core/supplies/index.ts';
import type { Words } from './entryWords.ts';
import type { RefusalWords } from './refusalWords.ts';
import { capital, plural } from './text.ts';

/** `14 g`, `3.5 g`, `1.25 kg`. */
export const sayG = (g: number): string => (g >= 1000 ? `${trim(g / 1000, 2)} kg` : `${trim(g, g < 10 ? 1 : 0)} g`);
export const trim = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
/** Of medicine: never rounded to nothing. */
export const sayDose = (amount: number, unit: LabelUnit): string => `${Number(amount.toPrecision(3))} ${unit}`;
export const sayAmount = (amount: number, unit: SupplyUnit): string =>
  unit === 'g' ? sayG(amount) : unit === 'pieces' ? plural(Math.round(amount), 'piece') : `${trim(amount, 2)} ${unit}`;
/** As the label has it: `5 mg for each g of food, 3 days`. */
export const sayLabel = ({
  amount,
  unit,
  per,
  days,
  timesADay,
}: Pick<MixFields, 'amount' | 'unit' | 'per' | 'days' | 'timesADay'>): string =>
  `${sayDose(amount, unit)} for each ${per}, at ${plural(timesADay, 'meal')} a day, ${plural(days, 'day')} in a row`;

const MIX_FIELDS: Record<keyof MixFields, string> = {
  name: 'name',
  family: 'what it is',
  amount: 'amount',
  unit: 'unit',
  per: 'for what',
  timesADay: 'meals a day',
  days: 'days',
  breakDays: 'days of break',
  first: 'for newcomers or not',
  labelSays: 'label',
  gone: 'kept or not',
};
const SUPPLY_FIELDS: Record<keyof SupplyFields, string> = {
  name: 'name',
  unit: 'unit',
  reorderAt: 'when it is ordered again',
  reused: 'washed or not',
  salt: 'salt or not',
  gone: 'kept or not',
};
export const sayChanged = (fields: object, words: Record<string, string>, gone: boolean | null | undefined): string =>
  gone
    ? 'not kept any more'
    : `${Object.keys(fields)
        .map((field) => words[field])
        .join(', ')} changed`;

export const kitchenWords: Pick<Words, keyof (KitchenEntries & SupplyEntries)> = {
  'mix.added': (mix) => `Medicated mix: ${mix.name}, ${sayLabel(mix)} by its label`,
  'mix.changed': ({ mix, fields }, name) => `${name(mix)}: ${sayChanged(fields, MIX_FIELDS, fields.gone)}`,
  'batch.begun': ({ lines, soak }, name) =>
    `Kitchen: ${lines.map(({ food, g, mix }) => `${sayG(g)} ${name(food)}${mix ? ` with ${name(mix.mix)}` : ''}`).join(', ')}${soak ? `, soaked in ${soak}` : ''}`,
  'batch.stepped': ({ food, step }, name) => `${capital(name(food))}: ${step === 'thrown away' ? 'nothing of the batch is left' : step}`,
  'course.begun': ({ lot, mix, why }, name) => `${name(lot)} get ${name(mix)} again: ${why}`,
  'course.stopped': ({ lot, mix, why }, name) => `${name(lot)} get no ${name(mix)} any more: ${why}`,
  'supply.added': ({ name }) => `Supply: ${name}`,
  'supply.changed': ({ supply, fields }, name) => `${name(supply)}: ${sayChanged(fields, SUPPLY_FIELDS, fields.gone)}`,
  'supply.received': ({ item, amount }, name) => `Came in: ${name(item)}, ${trim(amount, 2)}`,
  'supply.counted': ({ item, amount, dirty }, name) =>
    `Counted: ${name(item)}, ${trim(amount, 2)}${dirty === undefined ? '' : ` clean, ${trim(dirty, 2)} dirty`}`,
  'supply.returned': ({ item, amount }, name) => `Brought back dirty: ${name(item)}, ${trim(amount, 2)}`,
  'supply.washed': ({ item, amount, thrown }, name) =>
    `Washed: ${name(item)}, ${trim(amount, 2)}${thrown ? `, ${trim(thrown, 2)} thrown away` : ''}`,
};

type Code =
  Extract<RefusalCode, `${'mix' | 'batch' | 'course'}.${string}`> | Exclude<Extract<RefusalCode, `fed.${string}`>, 'fed.contradicts'>;
const NOT_READY: Record<string, string> = { thawing: 'is frozen still', soaking: 'soaks still', unstrained: 'is not strained yet' };
export const kitchenRefusals: Record<Code, RefusalWords> = {
  'mix.tooMany': ({ most }) => `${most} mixes are kept here: take one off the list first.`,
  'mix.firstTaken': ({ name }) => `Newcomers get ${name} already. Only one mix is given to all newcomers.`,
  'batch.foodTwice': ({ food }) => `${food} stands there twice: make it one line.`,
  'batch.badMix': ({ mix, amount, unit }) => `${amount} ${unit} of ${mix} is not what its label makes for so much food. Reload the sheet.`,
  'batch.farOff': ({ atMs }, { when }) => `A batch is for a meal of these days, not for ${when(Number(atMs))}.`,
  'batch.tooMany': ({ most }) => `${most} batches were begun within a day: undo those that were not meant.`,
  'batch.notThere': ({ food, g, here }) => `Only ${here} g of ${food} are here by the records, and ${g} g are taken. Count it, or say why.`,
  'batch.doneAlready': ({ step, atMs }, { when }) => `That was said already, at ${when(Number(atMs))}: ${step}.`,
  'batch.noSuchStep': ({ food, step }) => `${food} is not ${step} here.`,
  'course.running': ({ who, day, n }) => `${capital(who)} are on day ${day} of ${n} already.`,
  'course.onBreak': ({ who, day, n }) =>
    `${capital(who)} are on day ${day} of ${n} of their break. Ask a veterinarian before it is given again.`,
  'course.noSign': ({ who }) => `No sign of illness was written down of the ${who} since. A second course is for signs only.`,
  'course.none': ({ who }) => `${capital(who)} get none of it now.`,
  'fed.notInBatch': ({ food }) => `There is no ${food} in that batch.`,
  'fed.otherMix': ({ food, mix }) => (mix ? `That ${food} has ${mix} in it: say so.` : `There is no medicine in that ${food}.`),
  'fed.batchOld': ({ food, atMs }, { when }) => `That ${food} is too old since ${when(Number(atMs))}: throw it away. Thawed food spoils.`,
  'fed.batchNotReady': ({ food, what }) => `That ${food} ${NOT_READY[String(what)] ?? 'is not ready yet'}.`,
  'fed.invertebrates': ({ mix, tank }) => `Shrimps, snails or their kin live in ${tank}: no ${mix} there. It can kill them.`,
  'fed.harms': ({ mix, tank }) => `${mix} harms fish in ${tank}. Follow the label and ask a veterinarian.`,
  'fed.notKnown': ({ mix, tank }) => `Nobody knows whether all in ${tank} tolerate ${mix}. Feed those that need it apart.`,
  'fed.second': ({ mix, other: otherName }) =>
    `${capital(otherName)} is in the water, or was within a day: together with ${mix} it is harder on them. Ask a veterinarian first.`,
  'fed.medicatedTwice': ({ mix, who }) => `${capital(String(who))} had ${mix} today already: more is an overdose. Follow the label.`,
  'fed.notOnCourse': ({ mix, who }) => `${capital(who)} eat in that tank and are not to get ${mix} today.`,
};

export const shortKitchen = {
  'batch.notThere': 'more than is here',
  'course.onBreak': 'within the break',
  'course.noSign': 'no sign seen',
  'fed.batchOld': 'food too old',
  'fed.batchNotReady': 'food not ready',
  'fed.invertebrates': 'medicated food with invertebrates',
  'fed.harms': 'medicated food that harms fish there',
  'fed.notKnown': 'not known whether they tolerate it',
  'fed.second': 'a second treatment',
  'fed.medicatedTwice': 'medicated twice a day',
  'fed.notOnCourse': 'not on their course',
} as const;

export const HELD_SAYS: Record<HeldBack, string> = {
  invertebrates: 'shrimps, snails or their kin live in that tank: none there',
  harms: 'it harms fish in that tank',
  'not known': 'nobody knows whether all in that tank tolerate it: ask',
  'not eating': 'they do not eat yet: it would do nothing for them, and foul the water',
  tankmates: 'others in that tank have had theirs, or are not on their days: feed these apart, or not at all',
};

export function sayCourse(now: CourseNow): string {
  const missed = now.missed > 0 ? `, ${plural(now.missed, 'day')} missed` : '';
  if (now.is === 'over') return `course ${now.course} is over${missed}`;
  return `${now.is === 'on' ? 'day' : 'break, day'} ${now.day} of ${now.of}${now.course > 1 ? `, course ${now.course}` : ''}${missed}`;
}

/** What stands on a lot's line of the walk. */
export function sayMedicated({ name, day, of: days, is }: MedicatedMeal): string {
  const which = `${name}, day ${day} of ${days}`;
  if (is === 'given') return `with ${which}`;
  return is === 'not ready' ? `${which}: none is ready, this meal is plain` : `No ${which}: ${HELD_SAYS[is]}`;
}

export function sayLine(now: LineNow, when: (ms: number) => string): string {
  switch (now.is) {
    case 'thawing':
    case 'soaking':
      return `${now.is} until ${when(now.untilMs)}`;
    case 'unstrained':
      return 'thawed: to be strained';
    case 'ready':
      return now.keepsUntilMs === undefined ? 'ready' : `ready, keeps until ${when(now.keepsUntilMs)}`;
    case 'old':
      return `too old since ${when(now.fromMs)}: throw it away`;
    case 'thrown away':
      return 'nothing is left';
  }
}
