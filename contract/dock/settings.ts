// What a lead may decide here, within bounds.
import type { DockSettings } from '#core/dock/index.ts';
import { finite } from '../basics/fields.ts';
import type { Shape } from '../basics/shapes.ts';

export const dockSettings = (): Shape<DockSettings> => ({
  lateAfterH: finite(0, 240).required(),
  longClosedH: finite(0, 240).required(),
});
