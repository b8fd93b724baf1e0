// Characters that no keyboard gives and that would lie on a label: control characters, marks that turn the writing round, halves of a character.

// eslint-disable-next-line no-control-regex -- these are what it is for; a tab and a line's end are text
const UNWRITABLE = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069\ufeff\ufffe\uffff]/;
const LONE_HALF = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;
const EACH = new RegExp(`${UNWRITABLE.source}|${LONE_HALF.source}`, 'g');
/** Takes room and shows nothing. */
const BLANK = /^[\s\u00ad\u180e\u200b-\u200f\u2060-\u2064\u3164\uffa0]*$/;

export const isWritable = (text: string): boolean => !UNWRITABLE.test(text) && !LONE_HALF.test(text);
/** Nobody would see that anything stands there. */
export const isBlank = (text: string): boolean => BLANK.test(text);

/** A value with every text in it as it may be written; what is fine already is the very same value. */
export function writable<T>(value: T): T {
  if (typeof value === 'string') return (isWritable(value) ? value : value.replaceAll(EACH, '')) as T;
  if (Array.isArray(value)) return eachOf(value, (member: unknown) => writable(member)) as T;
  if (typeof value !== 'object' || value === null) return value;
  const cleaned = Object.entries(value).map(([name, member]) => [name, writable(member) as unknown] as const);
  return cleaned.every(([name, member]) => member === (value as Record<string, unknown>)[name])
    ? value
    : (Object.fromEntries(cleaned) as T);
}

function eachOf(list: readonly unknown[], clean: (member: unknown) => unknown): readonly unknown[] {
  const cleaned = list.map(clean);
  return cleaned.every((member, index) => member === list[index]) ? list : cleaned;
}

/** Where in a value a text stands that may not be written, as a path of names and numbers. */
export function unwritableIn(value: unknown, path: string): string[] {
  if (typeof value === 'string') return isWritable(value) ? [] : [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, member]) => unwritableIn(member, `${path}.${name}`));
}
