// Runs in words: steps, cautions, signs, what to do now, what a difference may mean, refusals, entries.
import type { RefusalCode } from '#core/journal/index.ts';
import type { Step } from '#core/bench/index.ts';
import type { Back, DoNow, FlowFrom, Meaning, RunAction, RunMethod, RunRule, SheetCaution, SheetLine } from '#core/runs/index.ts';
import type { Units } from '../data/units.ts';
import type { Words } from './entryWords.ts';
import { by, type RefusalWords } from './refusalWords.ts';

type Say = Pick<Units, 'say'>;
/** `45 min`, `1.5 h`. */
export const sayMinutes = (minutes: number) => (minutes < 90 ? `${Math.round(minutes)} min` : `${Number((minutes / 60).toFixed(1))} h`);

/** `12 mL/min`, `2.2 mL/min`: as precise as an airline is. */
export const sayFlow = (mLPerMin: number): string => `${mLPerMin >= 10 ? Math.round(mLPerMin) : Number(mLPerMin.toFixed(1))} mL/min`;

/** How a rate is known. */
export const FLOW_FROM_WORDS: Record<FlowFrom, string> = { taps: 'by taps', caught: 'caught in a measure', set: 'set by eye' };

/** From here on water runs, mL/min; below it drips. */
const SIPHON_FROM = 100;

/** A line of the run sheet, as what hands do. */
function sayStep(step: Step, { say }: Say, first: boolean): string {
  switch (step.do) {
    case 'float':
      return `Float the bag in its tank, ${sayMinutes(step.minutes)}`;
    case 'wait':
      return `${first ? 'Let' : 'Shut the drip and let'} it stand, ${sayMinutes(step.minutes)}`;
    case 'open':
      return 'Cut the bag open';
    case 'pool':
      return `Pour ${step.bags} bags together`;
    case 'pour':
      return `Pour fish and water into the vessel of ${say('volume', step.bucketL)}`;
    case 'pourOff':
      return `Pour off to ${say('volume', step.toL)}`;
    case 'run':
      return `${first ? `Start the ${step.mLPerMin >= SIPHON_FROM ? 'siphon' : 'drip'} at` : 'Open up to'} ${sayFlow(step.mLPerMin)} for ${sayMinutes(step.minutes)}`;
    case 'cup':
      return `A cup of ${say('volume', step.litres)} out, as much tank water in`;
    case 'air':
      return step.level === 'none' ? 'Air off' : `Air stone in, ${step.level}`;
    case 'ammonia binder':
      return 'Ammonia binder in, by its label';
  }
}

/** A line of the sheet; in a bath the wait is the bath. */
export const sayLine = ({ step, first, inBath }: Pick<SheetLine, 'step' | 'first' | 'inBath'>, units: Say): string =>
  inBath && step.do === 'wait' ? `In the bath, ${sayMinutes(step.minutes)}` : sayStep(step, units, first);

export function sayAction(did: RunAction, { say }: Say): string {
  switch (did.do) {
    case 'float':
      return 'put afloat';
    case 'open':
      return 'cut open';
    case 'ammonia binder':
      return 'ammonia binder put in';
    case 'stand':
      return 'left to stand';
    case 'pour':
      return `poured into ${say('volume', did.bucketL)}`;
    case 'pour off':
      return `poured off to ${say('volume', did.toL)}`;
    case 'cup':
      return `a cup of ${say('volume', did.litres)} exchanged`;
    case 'air':
      return did.level === 'none' ? 'air off' : `air on, ${did.level}`;
    case 'flow':
      return did.mLPerMin === 0 ? 'drip shut' : `drip ${sayFlow(did.mLPerMin)}, ${FLOW_FROM_WORDS[did.from]}`;
  }
}

/** What to mind, and why; the why is the second part. */
export const CAUTION_WORDS: Record<SheetCaution, readonly [string, string]> = {
  'never by mouth': [
    'Never start a siphon by mouth',
    'tank water carries germs that make people ill: fill the hose under water or use a bulb',
  ],
  'secure the hose': ['Clip the hose at both ends', 'a hose that slips floods the floor or drains a tank overnight'],
  'lid on': ['Lid on', 'fish in a new vessel jump'],
  'air frees ammonia': [
    'Air keeps them alive and frees ammonia',
    'it drives carbon dioxide out, pH rises: ammonia binder first, or out soon',
  ],
  'three hands': ['Three hands: one tips, one holds the net, one the bag', 'a bag that folds over drops fish beside the vessel'],
  'bag water to the drain': ['What is poured off goes to the drain', 'it carries ammonia and whatever lived in the bag'],
  'scissors below the knot': ['Cut below the knot with the bench scissors', 'untying shakes the fish and wets the knot'],
  'ammonia binder upsets tests': [
    'An ammonia binder can upset an ammonia test',
    'write the time down beside the next reading; never with copper in the water',
  ],
  'two lift': ['Two people lift it', 'backs, and a full bucket slops'],
  'stand bags upright': ['Stand the bags upright, packed close', 'they hold each other while they are cut and tipped'],
  overflow: ['See where the overflow goes', 'a waste tub fills and runs over; into a tank it carries salt and what lived in the bag'],
  'label and vet': ['Follow the label, the local rules and a veterinarian', 'the amount is the label’s, as you entered it'],
  gloves: ['Gloves and open windows; eyes covered', 'dyes stain, formalin and peroxide burn; never mix them with other chemicals'],
  'bag fast': ['Clip the bag, lid closed, lights off', 'it drifts, and residents nip at it'],
};

export const DO_NOW_WORDS: Record<DoNow, string> = {
  'air on': 'Put air in now',
  'ammonia binder in': 'Ammonia binder in, by its label, before more air',
  'tank water in': 'Let tank water in faster for a minute',
  'out now': 'If it does not ease within two minutes: net them out into the tank',
  'stop the drip': 'Shut the drip',
  slower: 'Slow the drip until it is warm again',
  'clean matched water': 'Into clean water of the same temperature and salinity, with air',
  'float the vessel': 'Stand the vessel in the tank, or in a tub of warm water',
  'read ammonia': 'Read ammonia',
  'read oxygen': 'Read oxygen',
  'back towards': 'Back towards the last salinity that they tolerated',
  'rest, then slower': 'Not into the tank: that step is over their tolerance. Let them rest an hour, then go on at half the rate',
  watch: 'Check again in ten minutes',
  'leave it': 'Leave them be: this is what fish do now',
};

/** How to go back, in litres. */
export const sayBack = ({ toPpt, litres, withPpt }: Back, { say }: Say): string =>
  `swap ${say('volume', Number(litres.toFixed(1)))} for water of ${say('salinity', withPpt)}, as warm as the vessel, over some minutes: that makes ${say('salinity', toPpt)}`;

export const MEANING_WORDS: Record<Meaning, string> = {
  'drip slower': 'the drip runs slower, or the hose has slipped',
  'drip faster': 'the drip runs faster',
  'meter out': 'the meter is out (check it)',
  'bag not as assumed': 'the bag was not what was assumed; its beginning is recalculated from this',
  'source not the tank': 'what drips is other water',
  'breathes more': 'the fish breathe more than calculated',
  'air stopped': 'the air has stopped',
  'air stronger': 'there is more air than written',
  'room colder': 'the room is colder than thought',
  'room warmer': 'the room is warmer than thought, or the vessel stands by a lamp',
  'skin not water': 'this was read on the skin: its water is another',
  'fed or foul': 'something in it rots, or they were fed',
  'test upset': 'the test is upset by an ammonia binder, or the strip is old',
  'less than calculated': 'the bag brought less than calculated',
};

export const METHOD_TITLES: Record<RunMethod, string> = {
  'float and net': 'Float and net',
  'match, float, net': 'Match, float, net',
  drip: 'Drip',
  'fast siphon': 'Fast siphon',
  'cup exchange': 'Cup exchange',
  'pooled bucket': 'Pooled bucket',
  'long conversion': 'Long conversion',
  'overnight conversion': 'Overnight conversion',
  straight: 'Straight',
  'first-aid bath': 'First-aid bath',
};

export const RULE_SAYS: Record<RunRule, string> = {
  'run-step': 'next step',
  'run-check': 'check',
  'run-binder': 'ammonia binder spent',
  'run-end': 'released',
};

type Code = Extract<RefusalCode, `${'acclimation' | 'bath' | 'lights'}.${string}`> | 'release.twice';
export const runRefusals: Record<Code, RefusalWords> = {
  'acclimation.running': ({ bag, ...facts }, { when }) =>
    `The fish of ${bag} are in a vessel already: ${by(facts, when)}. It is among the acclimations.`,
  'acclimation.over': ({ vessel, ...facts }, { when }) => `The fish of ${vessel} are released already: ${by(facts, when)}.`,
  'acclimation.otherStart': ({ quantity, given, known }, { units }) =>
    `The ${quantity} is ${units.say(quantity as 'salinity', Number(known))} by what is known here now, and this was computed from ${units.say(quantity as 'salinity', Number(given))}. Check again and begin from that.`,
  'acclimation.binderInCopper': ({ tank, atMs }, { when }) =>
    `${String(tank)} is under copper since ${when(Number(atMs))}: no ammonia binder where its water runs in, it can turn the copper poisonous. Meet ammonia there by water changes dosed to the same level.`,
  'release.twice': ({ tank }) => `${tank} is named twice: add its heads together.`,
  'bath.noBath': () => 'Say what the bath is made of: what the label says, how many litres, how long.',
  'bath.invertebrate': () =>
    'No bath for invertebrates: nearly everything that helps a fish kills them. Clean matched water and air instead.',
  'bath.harsh': ({ is, condition }) =>
    `${is} is harsh, and these fish are ${condition}: only for fish in good shape. Clean matched water, air and a mild dye bath first; a lead may decide otherwise, with a veterinarian.`,
  'bath.notMatched': ({ offC, offPpt }) =>
    `The bath’s water is ${Number(offC).toFixed(1)} °C and ${Number(offPpt).toFixed(1)} ppt away from theirs. A bath is in clean water like their own, never a shock more.`,
  'lights.badEnd': () => 'Say when the lights come up again: within two days.',
};

type Said = Extract<keyof Words, `acclimation.${string}` | 'meter.checked' | 'lights.dimmed' | 'page.sent'>;
export const runWords: Pick<Words, Said> = {
  'acclimation.started': ({ from, lot, tank, method, vessel, bath }, name) => {
    const heads = from.reduce((sum, { n }) => sum + n, 0);
    const pooled = from.length > 1 ? `, ${from.length} bags pooled` : '';
    return bath
      ? `First-aid bath for ${heads} ${name(lot)}: ${bath.label}, ${bath.dose.value} ${bath.dose.unit} by its label, ${bath.litres} L, ${bath.minutes} min`
      : `${METHOD_TITLES[method]} begun: ${heads} ${name(lot)} into ${vessel.name}${pooled}, for ${name(tank)}`;
  },
  'acclimation.actionTaken': ({ run, did }, name, units) => `${name(run)}: ${sayAction(did, units)}`,
  'acclimation.signSeen': ({ run, sign, n, note }, name) =>
    `${name(run)}: ${n === undefined ? '' : `${n} `}${sign}${note ? `, ${note}` : ''}`,
  'acclimation.checked': ({ run, wrong, note }, name) =>
    `${name(run)} checked: ${wrong.length === 0 ? 'all in order' : `not so: ${wrong.join(', ')}`}${note ? `, ${note}` : ''}`,
  'acclimation.handedOver': ({ run, to, note }, name) => `${name(run)} handed to ${name(to)}${note ? `: ${note}` : ''}`,
  'acclimation.released': ({ run, lot, into, dead, remaining, by: how, water }, name) =>
    `${into.length === 0 ? 'None' : into.map(({ tank, n }) => `${n} into ${name(tank)}`).join(', ')} of ${name(lot)} from ${name(run)}, ${how}${dead ? `, ${dead} dead` : ''}; ${remaining ? `${remaining} stay in it` : `its water ${water}`}`,
  'meter.checked': ({ instrument, quantity, shown, truth, adjusted }, _name, { say }) =>
    `${instrument} in its reference: shows ${say(quantity, shown)} where ${say(quantity, truth)} is true${adjusted ? ', adjusted' : ''}`,
  'lights.dimmed': ({ tank }, name) => `Lights of ${name(tank)} down`,
  'page.sent': ({ to, says }, name) => `Called ${name(to)}: ${says}`,
};
