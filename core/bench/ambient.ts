// What stands around every vessel of the house, as a lead says it: nobody measures it each time.
import { ROOM_PCO2 } from '../water/index.ts';

export type AmbientConditions = {
  /** Air of the fish room: °C, and its CO2 in µatm (as a meter in ppm shows it). */
  roomC: number;
  pco2: number;
  /** Water at hand to bring a tank's salinity down with, ppt. */
  freshPpt: number;
  /** How long an ammonia binder holds what it took, hours; its label says so. */
  ammoniaBinderH: number;
};

/** Judgements to start from. */
export const STARTING_AMBIENT: AmbientConditions = { roomC: 23, pco2: ROOM_PCO2, freshPpt: 0, ammoniaBinderH: 24 };
