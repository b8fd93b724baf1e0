// An hour in the house as people type it: `2026-03-05 10:00`.
import { parseLocal } from '#core/time/index.ts';

export function readWall(text: string, zone: string): number | undefined {
  try {
    return parseLocal(text.trim().replace(' ', 'T'), zone);
  } catch {
    return undefined;
  }
}
