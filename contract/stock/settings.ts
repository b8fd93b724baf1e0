// What a lead may decide here, within bounds.
import type { StockSettings } from '#core/stock/index.ts';
import { finite } from '../basics/fields.ts';
import type { Shape } from '../basics/shapes.ts';

export const stockSettings = (): Shape<StockSettings> => ({ temporaryH: finite(0.25, 240).required() });
