export {
  CHASES,
  type Chase,
  type ChaseSeen,
  MISHAPS,
  type Mishap,
  type MishapRecorded,
  CAUSES,
  DISPOSALS,
  EXAMINED,
  FOUND_WHERE,
  type Disposal,
  type Examined,
  type FoundWhere,
  FAULT_HOURS,
  FAULT_LAPSES_MS,
  faultHours,
  isSameFault,
  LEFTOVERS,
  type Leftovers,
  RESPONSES,
  ROUNDS,
  SURENESS,
  type Cause,
  type LossClassed,
  type LossRecorded,
  type LotFed,
  type LotCheck,
  type Response,
  type RoundEntries,
  type RoundName,
  type Sureness,
  type TankChecked,
} from './entries.ts';
export { progress, roundAt, type Progress, type Round } from './round.ts';
export { roundRules } from './rules.ts';
export { isUsual, judgeSign, lateGasping, LEARNT_FROM_MS, type SignMeans, type Usual } from './judge.ts';
export { unseenBy, type HeadCount, type Unseen } from './unseen.ts';
export {
  BODY_PARTS,
  makesSuspect,
  SETTLING_MS,
  SIGN_CLASS,
  signsFor,
  SIGNS,
  STRENGTHS,
  type BodyPart,
  type Sign,
  type SignClass,
  type SignSeen,
  type Strength,
} from './signs.ts';
export { ROUNDS_REFUSALS } from './refusals.ts';
export type { RoundState } from './state.ts';
export { STARTING_ROUNDS, type RoundSettings } from './settings.ts';
