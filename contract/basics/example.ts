// What several examples share: the morning they happen on, a bag's temperature and a tank's.
import type { Reading } from '#core/water/index.ts';

export const AT = Date.UTC(2026, 2, 3, 7, 40);
export const folded: Reading = { value: 21.8, typed: '21.8', method: 'folded', source: 'measured' };
export const inTank: Reading = { value: 25.4, typed: '25.4 °C', method: 'in the water', source: 'measured' };
