// Expected refusals as data. Words live in the web; a test proves that every code has them.
import type { Role } from '../people/roles.ts';

export const REFUSAL_CODES = [
  'unknown',
  'exists',
  'role',
  'person.notYou',
  'time.future',
  'time.old',
  'client.newer',
  'id.reused',
  'stock.short',
  'count.bookMoved',
  'promise.tooMany',
  'crate.alreadyArrived',
  'crate.notArrived',
  'bag.alreadyLanded',
  'bag.alreadyAbsent',
  'bag.notLanded',
  'bag.otherLot',
  'bag.empty',
  'bag.alreadyReleased',
  'bag.notAssigned',
  'method.noReason',
  'float.running',
  'float.notThisBag',
  'release.countDiffers',
  'release.noFloat',
  'release.otherTank',
  'release.twice',
  'release.salinity',
  'release.temperature',
  'release.settledPH',
  'method.notMeasured',
  'method.overTolerance',
  'run.running',
  'run.over',
  'run.binderInCopper',
  'bath.noBath',
  'bath.invertebrate',
  'bath.harsh',
  'bath.notMatched',
  'lights.badEnd',
  'hold.alreadyOpen',
  'hold.notOpened',
  'hold.notOpen',
  'hold.notOver',
  'hold.notEating',
  'hold.neverAte',
  'hold.unseen',
  'hold.underRemedy',
  'look.contradicts',
  'look.otherDay',
  'reading.implausible',
  'zone.unknown',
  'crate.badList',
  'change.nothing',
  'change.overtaken',
  'range.upsideDown',
  'fit.wrongWater',
  'fit.tooCold',
  'fit.tooWarm',
  'fit.noLid',
  'fit.eatsResidents',
  'fit.eatenByResidents',
  'fit.neverWith',
  'fit.keptAlone',
  'fit.saleBeforeHold',
  'fit.speciesUnknown',
  'fit.awayFromHome',
  'tank.retired',
  'tank.notEmpty',
  'tank.hasVessels',
  'tank.expected',
  'tank.placeTaken',
  'thing.inUse',
  'vessel.otherWater',
  'vessel.needsTank',
  'water.itself',
  'water.otherType',
  'water.tanksMoved',
  'water.tooMuch',
  'water.twoSources',
  'water.fromHold',
  'remedy.running',
  'remedy.notRunning',
  'remedy.harms',
  'move.nowhere',
  'stay.needed',
  'stay.noEnd',
  'stay.past',
  'stay.grown',
  'split.hold',
  'join.otherKind',
  'join.holdsDiffer',
  'join.apart',
  'slip.round',
  'slip.done',
  'slip.dropped',
  'slip.resting',
  'slip.blocked',
  'slip.waits',
  'due.badSnooze',
  'fed.contradicts',
  'undo.twice',
  'undo.ofUndo',
  'undo.notYours',
  'undo.tooLate',
  'undo.never',
  'undo.needed',
  'undo.alone',
] as const;
export type RefusalCode = (typeof REFUSAL_CODES)[number];

/** Things the words may need: names, counts, instants. Plain values or lists of plain records. */
export type Facts = Record<string, string | number | boolean | null | undefined | Record<string, string | number>[]>;

/**
 * Why an entry may not be written. `path` points into the payload; `overrule` is the lowest rank that may pass over
 * it with a reason, absent when nobody may.
 */
export type Refusal = {
  code: RefusalCode;
  path: string;
  facts: Facts;
  overrule?: Role;
  /** Fish cannot wait: a keeper may pass over it too, who says that no lead can be reached or that it is done already. A lead is called then. */
  emergency?: true;
};

/** One refusal as the list that decide functions return. */
export function refuse(code: RefusalCode, path: string, facts: Facts = {}, overrule?: Role): Refusal[] {
  return [overrule ? { code, path, facts, overrule } : { code, path, facts }];
}
