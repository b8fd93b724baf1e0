// What is about to be said of a watched run: looked over, handed on, a loss in the vessel.
import type { RunCard } from '#contract/views.ts';
import { CHECKS, type RunCheck } from '#core/runs/index.ts';
import type { Draft } from '../../data/house.ts';

const noted = (note: string) => (note.trim() ? { note: note.trim() } : {});

/** Looked over: what was not found wrong was fine. */
export const checkedEntry = (run: string, wrong: ReadonlySet<RunCheck>, note: string): Draft => ({
  kind: 'acclimation.checked',
  payload: { run, fine: CHECKS.filter((check) => !wrong.has(check)), wrong: [...wrong], ...noted(note) },
});

type Handed = { run: string; to: string; minutes?: string; note: string };

/** `minutes` = between the looks of the one who takes it over, when that is said. */
export const handedEntry = ({ run, to, minutes, note }: Handed): Draft => ({
  kind: 'acclimation.handedOver',
  payload: { run, to, ...(minutes ? { checkEveryMin: Number(minutes) } : {}), ...noted(note) },
});

/** A fish that dies in the vessel died of acclimation, as far as anybody can guess there. */
export const lossEntry = ({ lot, run }: Pick<RunCard, 'lot' | 'run'>, n: number): Draft => ({
  kind: 'loss.recorded',
  payload: { lot, place: run, n, cause: 'acclimation', sure: 'guess' },
});
