// What the words of a due rule are, and the pieces that several rules share.
import type { Due } from '#core/today/index.ts';

/** Between the steps of a row that stands for several. */
export const AND = ' and ';

/** `24h`, `7 d`. */
export const sayHours = (steps: string) =>
  steps
    .split(AND)
    .map((step) => Number(step.replace('h', '')))
    .map((hours) => (hours >= 72 ? `${hours / 24} days` : `${hours} h`))
    .join(AND);

export type Said = Pick<Due, 'step' | 'facts'>;
export type DueWords = {
  /** What the hand does, where. */
  says(due: Said): string;
  /** The rule's name, for the logbook. */
  name: string;
  /** Where it is done, and what the link there says. */
  leads(due: Said): { to: string; doing: string };
};

export const toDock = ({ facts }: Said) => ({ to: `/dock?crate=${facts.crate}`, doing: 'To the dock' });
export const toKitchen = () => ({ to: '/rounds/kitchen', doing: 'To the kitchen sheet' });
export const toRun = ({ facts }: Said) => ({ to: `/bench?run=${facts.run}`, doing: 'To the bench' });
export const toTank = ({ facts }: Said) => ({ to: `/tank/${facts.tankCode}`, doing: `To ${facts.tankCode}` });
export const toWater = ({ facts }: Said) => ({ to: `/rounds/water?tank=${facts.tankCode}`, doing: 'To the water tests' });
export const toCheck = ({ facts }: Said) => ({ to: `/rounds?tank=${facts.tankCode}`, doing: `Check ${facts.tankCode}` });
