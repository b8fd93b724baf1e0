// What comes before everything else for a bag in need: the same words on the dock and at the bench.
import type { BagOpening, Condition } from '#core/dock/index.ts';

export const NO_FLOAT: Record<'soft' | 'critical', string> = {
  soft: 'Soft bag: it sinks and holds no oxygen. Not to be floated: match by hand and let the fish out now. Photograph it first if anything in it died.',
  critical:
    'Critical fish: no time to float. Clean, well aired water at the bag’s own temperature and salinity first; into the tank only where its step is within their tolerance.',
};
const FOUL =
  'Foul water: keep the bag closed until all is ready and net the fish out within two minutes of opening, into clean water at its own temperature and salinity. Opened and kept, the ammonia turns toxic as carbon dioxide leaves.';

const ELSE =
  'This house gives them clean, well aired water first, at the bag’s own temperature and salinity. A bag that is opened for one is open for all.';

/** Of a bag whose fish get clean water before anything else. */
export const firstAid = ({ bagCondition, condition }: { bagCondition: BagOpening; condition: Condition }): string =>
  bagCondition === 'soft and foul'
    ? `${NO_FLOAT.soft} ${FOUL}`
    : bagCondition === 'soft'
      ? NO_FLOAT.soft
      : condition === 'critical'
        ? NO_FLOAT.critical
        : bagCondition === 'foul'
          ? FOUL
          : ELSE;
