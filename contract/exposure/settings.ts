// What a lead may decide here, within bounds.
import type { ExposureSettings } from '#core/exposure/index.ts';
import { finite } from '../basics/fields.ts';
import type { Shape } from '../basics/shapes.ts';

export const exposureSettings = (): Shape<ExposureSettings> => ({ toolDriesH: finite(0, 240).required() });
