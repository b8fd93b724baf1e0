// Cleared fish that meet fish in quarantine are in quarantine again: one clock a lot, by the house's rule for fish on that kind of water.
import { quarantineClassOf } from '#core/quarantine/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { newId, type Draft } from '../data/house.ts';

type WaterType = Parameters<typeof quarantineClassOf>[1];

export const contactEntry = (lot: string, type: WaterType, rules: Pick<HouseRules, 'quarantine'>): Draft => ({
  kind: 'quarantine.opened',
  payload: { quarantine: newId(), lot, policy: rules.quarantine[quarantineClassOf({}, type)], zero: 'contact' },
});
