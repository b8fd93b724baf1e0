// The simulated bench meter of a demo house, asked over HTTP. A real house has none, and shows no button for it.
import type { MeterShown, MeterSubject, InstrumentType } from '#contract/devices.ts';
import { paths } from '#contract/paths.ts';
import type { FollowedQuantity } from '#core/runs/index.ts';
import { postJson } from '../../data/api.ts';

/** How each quantity may be read with it. */
export const WAYS: Record<FollowedQuantity, readonly InstrumentType[]> = {
  temperature: ['probe', 'infrared'],
  salinity: ['probe'],
  pH: ['probe'],
  ammonia: ['strip'],
  oxygen: ['probe'],
};
export const WAY_WORDS: Record<InstrumentType, string> = {
  probe: 'probe in the water',
  infrared: 'infrared on its skin',
  strip: 'ammonia strip',
};

export const dip = (subject: MeterSubject, quantity: FollowedQuantity, way: InstrumentType): Promise<MeterShown> =>
  postJson<MeterShown>(paths.meter, { subject, quantity, way });
export const dipReference = (
  quantity: FollowedQuantity,
  setRight: boolean,
): Promise<{ shown: number; truth: number; instrument: string }> => postJson(paths.meterReference, { quantity, setRight });
