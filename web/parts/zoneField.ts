// A time zone as a field of a form: typed as people call it, kept as the zone's own name.
import { findZones, isZone } from '#core/time/index.ts';
import type { FormField } from './PlainForm.tsx';

const ZONES = Intl.supportedValuesOf('timeZone');
const NAMED = 4;

export function readZone(text: string): string | { problem: string } {
  const found = findZones(text, ZONES);
  if (found.length === 1) return found[0]!;
  if (isZone(text)) return text;
  if (found.length === 0) return { problem: 'No time zone is called that. Type the nearest large city, such as Lisbon.' };
  const more = found.length > NAMED ? ' …' : '';
  return { problem: `Which one: ${found.slice(0, NAMED).join(', ')}${more}?` };
}

export const zoneField = (label: string, hint?: string): FormField => ({
  name: 'zone',
  type: 'text',
  label,
  hint,
  list: ZONES,
  maxLength: 60,
  read: readZone,
});
