// Of all that stands against a tank, what forbids it; what it only costs is taken knowingly.
import type { TankCard } from '#contract/views.ts';
import { isTaken, type CompatibilityReason } from '#core/placement/index.ts';

export const forbids = ({ reasons }: Pick<TankCard, 'reasons'>): CompatibilityReason[] =>
  reasons?.filter((reason) => !isTaken(reason)) ?? [];
