// Tests of water: every system with fish, what is to be tested there, what is over its limit.
import { houseDay } from '#core/time/index.ts';
import { prepareKits } from '../water/kits.ts';
import { prepareStandingTests } from '../waterTests/standing.ts';
import { prepareSupplies } from '../supplies/state.ts';
import type { MakeView } from './view.ts';

export const makeWaterTestsView: MakeView<'waterTests'> = (client) => {
  const standing = prepareStandingTests(client);
  const kits = prepareKits(client);
  const supplies = prepareSupplies(client);
  return ({ now, zone, rules }) => {
    const salt = supplies().find((item) => item.salt);
    return {
      day: houseDay(now, zone),
      systems: standing({ now, zone, rules: rules.waterTests }).map(({ rack: _rack, walk: _walk, ...system }) => system),
      kits: kits(),
      ...(salt ? { salt: { item: salt.id, unit: salt.unit } } : {}),
    };
  };
};
