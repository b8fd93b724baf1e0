// What every part of the house is given: the view, a way to write, whether its person may.
import type { HouseView } from '#contract/views.ts';
import type { Draft } from '../data/house.ts';

/** Writes and tells what was wrong, as the forms want it. An act that waits for the network counts as taken. */
export type Write = (words: string, ...drafts: Draft[]) => Promise<string | undefined>;
export type PartProps = { view: HouseView; write: Write; mayEdit: boolean };
