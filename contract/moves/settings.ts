// What a lead may decide here, within bounds.
import type { MoveSettings } from '#core/moves/index.ts';
import { count } from '../basics/fields.ts';
import type { Shape } from '../basics/shapes.ts';

export const moveSettings = (): Shape<MoveSettings> => ({ triesBeforeRest: count(1, 20) });
