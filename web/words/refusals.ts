// Every refusal in plain words: what is in the way, who was quicker, what to do. A test proves that none is missing.
import { capital } from './text.ts';
import type { Facts, Refusal, RefusalCode } from '#core/journal/index.ts';
import type { StressName } from '#core/bench/index.ts';
import { PLAUSIBLE, QUANTITIES, type Quantity } from '#core/water/index.ts';
import type { Voice } from '../data/voice.ts';
import { by, type Told, type RefusalWords } from './refusalWords.ts';
import { sayFields } from './room.ts';
import { roomRefusals } from './roomRefusals.ts';
import { runRefusals } from './runs.ts';
import { NO_FLOAT } from './firstAid.ts';
import { checkRefusals, shortChecks } from './checkRefusals.ts';
import { choreRefusals, shortChores } from './chores.ts';
import { healingRefusals } from './healing.ts';
import { notedRefusals } from './noted.ts';
import { shortWaterTests, waterTestRefusals } from './waterTests.ts';
import { kitchenRefusals, shortKitchen } from './kitchen.ts';
import { stressWord } from './bench.ts';
import { placeRefusals, shortReason } from './placeRefusals.ts';
export { shortReason };
import { FIELD_WORDS } from './species.ts';

const BY_UNIT: Record<string, Quantity> = Object.fromEntries(QUANTITIES.map((quantity) => [PLAUSIBLE[quantity].unit, quantity]));
export const sayStep = (step: number, size: (wordOf: number) => string) => `${step >= 0 ? 'up' : 'down'} by ${size(Math.abs(step))}`;

export const refusalWords: Record<RefusalCode, RefusalWords> = {
  unknown: ({ what }) => `There is no such ${what} in this house. It may have been undone meanwhile.`,
  exists: ({ what, name }) => `There is a ${what} ${name} already.`,
  role: ({ needs }) => `Only a ${needs} may do this here.`,
  'person.notYou': () => 'Everybody chooses their own units.',
  'person.gone': ({ name }) => `${name} no longer works here.`,
  'person.lastLead': ({ name }) => `${name} is the only lead here. Make somebody else a lead first.`,
  'time.future': () => 'This is dated ahead of the house clock. Check the time on this device.',
  'time.old': () => 'This is more than 7 days old: ask a lead to enter it.',
  'time.before': ({ atMs, afterMs }, { when }) =>
    `This is dated ${when(Number(atMs))}, before it can have happened (${when(Number(afterMs))}). Check the time, or ask a lead to enter it.`,
  'id.taken': ({ id }) => `The name ${id} is taken in this house. Enter it again.`,
  'client.newer': () => 'This page is newer than the house. Reload it.',
  'id.reused': () => 'This was sent before with other content. Enter it again.',
  'overrule.notAsked': () => 'Nothing stands against it any more: do it again, without giving a reason.',
  'stock.short': ({ lot, place, missing, ...facts }, { when }) =>
    `${place} does not have that many ${lot}: ${missing} too few. ${by(facts, when) && `Last change there: ${facts.by}, ${when(Number(facts.atMs))}.`}`,
  'stock.notYet': ({ lot, place, missing, atMs }, { when }) =>
    `${place} did not have that many ${lot} at ${when(Number(atMs))}: ${missing} too few. Check the time, or ask a lead to enter it.`,
  'count.outside': ({ n, min, max }) => `${n} is not between ${min} and ${max}.`,
  'count.neverThere': ({ lot, place }) => `There was never any ${lot} in ${place}: record a move from where they were.`,
  'count.recordMoved': ({ onRecord, ...facts }, { when }) =>
    `${onRecord} are on record there now${facts.by ? ` (${by(facts, when)})` : ''}. Count again.`,
  ...checkRefusals,
  'promise.tooMany': ({ inHouse, promised }) => `Only ${inHouse} of these are in the house, ${promised} of them promised.`,
  'lot.namedSo': ({ lot }) => `${capital(lot)} are named so already.`,
  'lot.isNamed': ({ lot }) => `${capital(lot)} are named already: another name changes what was judged of them.`,
  'out.inQuarantine': ({ lot, to }) =>
    `${capital(lot)} are in quarantine: not ${to === 'given' ? 'given away' : 'sold'} before it is signed off.`,
  'cost.leftCleared': ({ who }) =>
    `${capital(who)} are cleared and meet fish in quarantine by this: put them back in quarantine, or they stay cleared`,
  ...kitchenRefusals,
  ...choreRefusals,
  ...healingRefusals,
  ...notedRefusals,
  ...waterTestRefusals,
  'loss.notExamined': () => 'Nobody examined it: what it died of is a guess, or likely.',
  'food.tooMany': ({ most }) => `${most} foods are kept here: take one off the list first.`,
  'out.orderedFor': ({ lot, n, forWhom, left }) =>
    `${n} of the ${lot} were ordered for ${forWhom}, and ${left} would be left. Nobody wrote a promise yet: keep them, or say why not.`,
  'box.notListed': ({ crate, box }) => `No bag of ${crate} is in box ${box}.`,
  'box.tooMany': ({ crate, most }) => `${most} things are said of the boxes of ${crate} already. Undo some, or write a note on a bag.`,
  'box.nothing': () => 'Say something of the box: wet or dry, its packs, how warm, what came along.',
  'out.promised': ({ lot, promised, left }) => `${promised} of the ${lot} are promised, and ${left} would be left. Lift a promise first.`,
  'order.badLines': ({ problem }) => `The order cannot be taken: ${problem}.`,
  'order.droppedAlready': (facts, { when }) => `This order was dropped: ${by(facts, when)}.`,
  'order.expected': ({ crate }) => `This order is expected already, as ${crate}.`,
  'order.otherSupplier': () => 'This order went to another supplier.',
  'wish.done': (facts, { when }) => `This wish was dropped: ${by(facts, when)}.`,
  'wish.ordered': () => 'This wish is ordered already.',
  'match.badSteps': ({ problem }) => `The plan does not add up: ${problem}.`,
  'match.otherSalinity': ({ ppt, from }) => `The system stands at ${ppt} ppt by now, and the plan begins at ${from} ppt: make it anew.`,
  'match.notRead': ({ days }) =>
    `${days === undefined ? 'Its salinity was never read' : `Its salinity was read ${days} days ago`}: read it first, for all litres follow from it.`,
  'match.steep': ({ ppt, limit, who }) => `A change of ${ppt} ppt is more than ${who} tolerates: at most ${limit} ppt.`,
  'match.treated': ({ what }) =>
    `It is under ${what}: a swap takes the medicine down. Wait for its end, or dose the new water to the same level by the label.`,
  'match.outside': ({ ppt, who }) => `At ${ppt} ppt it is no water for ${who}, who live there.`,
  'prep.waitsForNothing': () => 'This line waits for nothing.',
  'crate.alreadyGivenUp': (facts, { when }) => `This crate is waited for no longer: ${by(facts, when)}.`,
  'crate.alreadyArrived': (facts, { when }) => `This crate is here already: ${by(facts, when)}.`,
  'claim.otherCount': ({ dead, short, wrong }) =>
    `The records have ${dead} dead, ${short} short and ${wrong} other than listed by now: read the letter again.`,
  'claim.nothing': ({ crate }) => `Nothing of ${crate} is dead, short or other than listed.`,
  'claim.sentAlready': ({ crate, atMs }, { when }) => `The claim of ${crate} was sent ${when(Number(atMs))}, with the same figures.`,
  'claim.notSent': ({ crate }) => `The claim of ${crate} was not sent yet.`,
  'claim.few': ({ dead, least }) => `${dead} dead: their rule is ${least} or more.`,
  'claim.late': ({ endMs }, { when }) => `Their hours were over at ${when(Number(endMs))}. They may refuse it.`,
  'crate.notArrived': ({ crate }) => `Say first that ${crate} is here.`,
  'bag.alreadyLanded': ({ bag, ...facts }, { when }) => `${capital(bag)} is landed already: ${by(facts, when)}.`,
  'bag.alreadyAbsent': ({ bag, ...facts }, { when }) => `${capital(bag)} was said not to be in the box: ${by(facts, when)}.`,
  'bag.notLanded': ({ bag }) => `${capital(bag)} is not landed.`,
  'bag.otherLot': ({ bag }) => `${capital(bag)} has other fish than this says. Check again.`,
  'bag.eachDiffers': ({ alive, told }) => `${alive} are alive, and how ${told} of them look was said. Count them again.`,
  'bag.empty': () => 'A bag with no fish in it is not landed: say that it is short, or not in the box.',
  'bag.alreadyReleased': ({ bag, ...facts }, { when }) => `The fish of ${bag} are out already: ${by(facts, when)}.`,
  'bag.notAssigned': ({ bag }) => `Choose a tank for ${bag} first.`,
  'method.noReason': ({ method, advised }) => `The figures favour ${advised}: say why ${method}. It stays with the lot.`,
  'float.running': ({ bag, ...facts }, { when }) => `${capital(bag)} is afloat already: ${by(facts, when)}.`,
  'float.notThisBag': ({ bag, bagCondition }) =>
    bagCondition === 'soft' || bagCondition === 'soft and foul'
      ? `${capital(bag)} is soft and would sink: match it by hand and let the fish out now.`
      : `${capital(bag)}: ${NO_FLOAT.critical}`,
  'release.countDiffers': ({ onRecord, given }) =>
    `${onRecord} are on record in this bag, you said ${given}. Count again; a difference is recorded as one.`,
  'bag.inCleanWater': ({ bag, ...facts }, { when }) => `The fish of ${bag} stand in clean water already: ${by(facts, when)}.`,
  'cleanWater.notKnown': ({ bag, what }) =>
    `Nobody knows the ${what} of ${bag}: water of another salinity or warmth is a shock to a fish that is down already. Read the bag first.`,
  'cleanWater.notMatched': ({ bag, offC, offPpt }, { units }) =>
    `The clean water may be ${units.sayStep(Number(offC))} and ${units.say('salinity', Number(offPpt))} off the water of ${bag}: make it nearer, or read the bag in its water.`,
  'release.noFloat': ({ bag }) => `The float of ${bag} is not this one any more. Check again.`,
  'release.salinity': ({ step, tolerance, open, tank, change }, { units }) =>
    change
      ? `With so much of it ${tank} goes ${sayStep(Number(step), (size) => units.say('salinity', size))}; they tolerate ${units.say('salinity', Number(tolerance))} at once. Take less, or match it first.`
      : `Into ${tank} the salinity goes ${sayStep(Number(step), (size) => units.say('salinity', size))}${open === 'true' ? ' at worst, for nobody has measured it' : ''}; they tolerate ${units.say('salinity', Number(tolerance))} at once.${open === 'true' ? ' Measure it, or bring it nearer first.' : ' Bring it nearer first; if the tank was matched, write its reading.'}`,
  'release.temperature': ({ step, tolerance, open, tank, change }, { units }) =>
    change
      ? `With so much of it ${tank} gets ${Number(step) >= 0 ? 'warmer' : 'colder'} by ${units.sayStep(Math.abs(Number(step)))}; they tolerate ${units.sayStep(Number(tolerance))} at once. Take less, or match it first.`
      : `Into ${tank} it gets ${Number(step) >= 0 ? 'warmer' : 'colder'} by ${units.sayStep(Math.abs(Number(step)))}${open === 'true' ? ' at worst, for nobody has measured it' : ''}; they tolerate ${units.sayStep(Number(tolerance))} at once. ${open === 'true' ? 'Measure it, or float it longer.' : 'Float it longer.'}`,
  'release.settledPH': ({ step, tolerance, tank, change }) =>
    change
      ? `With so much of it the lasting pH of ${tank} goes ${sayStep(Number(step), (size) => size.toFixed(1))}, an estimate; they tolerate ${tolerance} at once. Take less.`
      : `Into ${tank} the lasting pH goes ${sayStep(Number(step), (size) => size.toFixed(1))}, an estimate; they tolerate ${tolerance} at once. Bring it nearer first, or measure the alkalinity of both.`,
  'method.notMeasured': ({ method, bag }) =>
    `Nobody has measured or stated the salinity of ${bag}, and what it may be is more than these fish tolerate at once. Measure it before ${method}.`,
  'method.notComputed': ({ method }) =>
    `What ${method} does to them cannot be computed with these values: check litres, vessel, temperature and salinity.`,
  'method.overTolerance': ({ method, limiting, times }) =>
    `${capital(method)} is ${Number(times).toFixed(1)} times what these fish tolerate, in ${stressWord(limiting as StressName)}.`,
  'release.otherTank': ({ bag }) => `${capital(bag)} is meant for another tank now. Check again.`,
  'quarantine.otherPolicy': ({ days, house }) =>
    `This house quarantines such fish for ${house} days, not ${days}: reload the page and do it again, or ask a lead.`,
  'quarantine.alreadyOpen': ({ atMs }, { when }) => `Its quarantine is open already, since ${when(Number(atMs))}.`,
  'quarantine.notOpened': () => 'Its quarantine must be opened with its first fish.',
  'quarantine.notOpen': () => 'No quarantine of it is open: it was signed off meanwhile, or undone.',
  'quarantine.notOver': ({ day, days, left }) => `Its quarantine has ${day} clear days of ${days}${left ? `: ${left} to go` : ''}.`,
  'quarantine.notEating': ({ atMs }, { when }) =>
    `It was last seen to eat ${when(Number(atMs))}. It should be seen to eat before it leaves.`,
  'quarantine.neverAte': () => 'Nobody has seen it eat here. It should be seen to eat before it leaves.',
  'quarantine.unseen': ({ n, atMs }, { when }) =>
    `${n} of them were not seen${atMs ? ` at ${when(Number(atMs))}` : ''}, and nobody has seen them all since.`,
  'quarantine.underTreatment': ({ family }) => `Its system is treated with ${family}.`,
  ...roomRefusals,
  ...runRefusals,
  'fault.known': ({ tank, what, atMs }, { when }) =>
    `${capital(String(what))} in ${tank} was noted at ${when(Number(atMs))} already; it stands on Today until it is mended.`,
  'fault.tooMany': ({ tank, n }) => `${n} things wait to be mended in ${tank}: mend some first, or leave them out on Today.`,
  'check.contradicts': () => 'All well and something odd cannot both be true.',
  'check.otherDay': () => 'This health check is dated to another day than it was made on.',
  'reading.implausible': ({ value, min, max, unit }, { units }) => {
    const [read, low, high] = [value, min, max].map((figure) => units.say(BY_UNIT[unit!] ?? 'salinity', Number(figure)));
    return `${read} cannot be: ${low} to ${high}.`;
  },
  'zone.unknown': ({ zone }) => `There is no time zone ${zone}. Write it like Europe/Lisbon.`,
  'crate.longPacked': ({ days }) => `Packed ${days} days ago, and still closed? Check the date.`,
  'crate.longOnWay': ({ days }) => `${days} days from packing to the door? Check both dates.`,
  'crate.farOff': ({ days }) => `Due in ${days} days? Check the date.`,
  'crate.badList': ({ problem }) => `The list contradicts itself: ${problem}.`,
  'change.nothing': () => 'Nothing is different from what the house knows.',
  'change.overtaken': ({ field, now, ...facts }, { when }) =>
    `${capital(FIELD_WORDS[field as keyof typeof FIELD_WORDS] ?? sayFields({ [field!]: 1 }))} was changed meanwhile (${by(facts, when)}): it is ${now} now. Check it, then save.`,
  'range.upsideDown': ({ field }) => `The lowest ${FIELD_WORDS[field as keyof typeof FIELD_WORDS] ?? field} is above the highest.`,
  ...placeRefusals,
  'due.endsByDoing': () => 'This is over when it is done, not when somebody says so: it can be put off, not ticked off.',
  'due.wantsReason': () => 'That round is over: it can only be left out, with the reason why.',
  'shift.own': () => 'Whoever hands a shift over does not take it over: somebody else does.',
  'shift.takenAlready': (facts, { when }) => `It is taken over already: ${by(facts, when)}.`,
  'due.badSnooze': () => 'Put it off to a later time, at most a week ahead.',
  'fed.contradicts': () => 'Ignored, and eaten by some, cannot both be true.',
  'undo.twice': (facts, { when }) => `This was undone already: ${by(facts, when)}.`,
  'undo.ofUndo': () => 'An undo cannot be undone: enter it again.',
  'undo.notYours': () => 'Only the person who entered it, or a lead, can undo this.',
  'undo.tooLate': () => 'After a day only a lead can undo this.',
  'undo.never': () => 'This is set right by a further entry, not undone.',
  'undo.needed': ({ first, more }) => `Later entries rest on this one: undo those first (${Number(first) + Number(more)}).`,
  'undo.alone': () => 'Undo it first, then enter it again.',
};

/** A refusal as a sentence. */
export function sayRefusal({ code, facts }: Pick<Refusal, 'code' | 'facts'>, voice: Voice): string {
  return refusalWords[code](tell(facts), voice).trim();
}

function tell(facts: Facts): Told {
  return Object.fromEntries(
    Object.entries(facts)
      .filter(([, value]) => value !== null && value !== undefined)
      .map(([key, value]) => [key, String(Array.isArray(value) ? value.length : (value as string | number | boolean))]),
  );
}

/** What the server's other answers mean. */
const OTHER: Record<string, string> = {
  bad: 'The house could not read this entry. Nothing of it was kept there.',
  tooLarge: 'This is too much for one entry.',
  signedOut: 'Sign in again; what you entered is kept here.',
  broken: 'Something broke in the house. Nothing was kept there; it is kept here.',
};

export function sayAll(refusals: readonly Refusal[], code: string, voice: Voice): string {
  return refusals.length > 0 ? refusals.map((refusal) => sayRefusal(refusal, voice)).join(' ') : (OTHER[code] ?? 'The house refused this.');
}

const OVERRULED: Partial<Record<RefusalCode, string>> = {
  ...shortKitchen,
  ...shortChecks,
  ...shortChores,
  ...shortWaterTests,
  'healing.notMet': 'not healed by its measure',
  'match.notRead': 'salinity not read of late',
  'match.steep': 'a match faster than is borne',
  'match.treated': 'a match under treatment',
  'match.outside': 'water that is not theirs',
  'cost.leftCleared': 'cleared fish meet quarantine',
  'crate.longPacked': 'packed long ago',
  'crate.longOnWay': 'long on its way',
  'crate.farOff': 'due far ahead',
  'release.salinity': 'a step in salinity',
  'release.temperature': 'a step in temperature',
  'release.settledPH': 'a step in pH',
  'treatment.invertebrates': 'a treatment that harms invertebrates',
  'treatment.notKnown': 'not known whether they tolerate it',
  'claim.few': 'few dead',
  'claim.late': 'after their hours',
  'cleanWater.notKnown': 'the bag’s water not known',
  'cleanWater.notMatched': 'clean water not matched',
  'bath.harsh': 'a harsh bath',
  'bath.notMatched': 'bath water not matched',
  'method.notComputed': 'not calculated',
  'method.notMeasured': 'not measured',
  'method.overTolerance': 'more than they tolerate',
  'treatment.frail': 'fish there that do not tolerate it',
  'treatment.second': 'a second treatment',
  'water.notRead': 'water not read',
  'water.dilutes': 'a medicine made weaker',
  'water.treated': 'treated water',
  'lot.isNamed': 'named already',
  'out.inQuarantine': 'in quarantine',
  'out.promised': 'promised',
  'out.orderedFor': 'ordered for somebody',
  'float.notThisBag': 'not a bag to float',
  'quarantine.notOver': 'quarantine not over',
  'quarantine.notEating': 'not eating',
  'quarantine.neverAte': 'never seen to eat',
  'quarantine.unseen': 'fish not seen',
  'quarantine.underTreatment': 'under a treatment',
  'water.fromQuarantine': 'quarantine water to cleared fish',
  'treatment.harms': 'a treatment that harms fish there',
  'transfer.resting': 'fish left alone until tomorrow',
  'transfer.blocked': 'another move first',
  'transfer.waits': 'something to come first',
};

/** What was passed over, named without its numbers. */
export function sayOverruled(code: RefusalCode): string {
  return (shortReason as Partial<Record<RefusalCode, string>>)[code] ?? OVERRULED[code] ?? code;
}
