// A meter held against a reference and set right by it.
import type { Payloads } from '#core/catalogue/index.ts';
import type { Draft } from '../../data/house.ts';

type Check = Pick<Payloads['meter.checked'], 'quantity' | 'shown' | 'truth'>;

export const checkEntry = (instrument: string, check: Check): Draft => ({
  kind: 'meter.checked',
  payload: { instrument, ...check, adjusted: true },
});
