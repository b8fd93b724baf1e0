// Takes one change off a view again, by what the view was before and after it. What somebody else has set meanwhile stays as it is.

type Plain = Record<string, unknown>;
const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null && !Array.isArray(value);
const same = (before: unknown, after: unknown): boolean => before === after || JSON.stringify(before) === JSON.stringify(after);

/** Whether `now` says all that was shown; what the house knows beyond it is no other word. */
const says = (now: unknown, shown: unknown): boolean =>
  isPlain(now) && isPlain(shown) ? Object.keys(shown).every((key) => says(now[key], shown[key])) : same(now, shown);

/** Fields that name a thing, the narrowest first: an event is named by its entry, a bag by itself and not by its lot. */
const NAMES = ['entry', 'floatId', 'run', 'bag', 'task', 'crate', 'stayLimit', 'lot', 'tank', 'id'] as const;

/** How the things of a list are told apart: by the first name that all of them have, each its own. Undefined where there is none. */
export function nameIn(...lists: readonly (readonly unknown[])[]): ((thing: unknown) => string) | undefined {
  const name = NAMES.find((key) =>
    lists.every((list) => {
      const names = list.map((thing) => (isPlain(thing) ? thing[key] : undefined));
      return names.every((name) => typeof name === 'string') && new Set(names).size === names.length;
    }),
  );
  return name && ((thing) => (thing as Plain)[name] as string);
}

/** `now` without what made `after` of `before`. */
export function revert<T>(now: T, before: T, after: T): T {
  return revertAny(now, before, after) as T;
}

function revertAny(now: unknown, before: unknown, after: unknown): unknown {
  if (same(before, after)) return now;
  if (Array.isArray(now) && Array.isArray(before) && Array.isArray(after)) {
    const nameOf = nameIn(now, before, after);
    if (nameOf) return revertList(now, { before, after, nameOf });
  } else if (isPlain(now) && isPlain(before) && isPlain(after)) {
    return revertThing(now, before, after);
  }
  return says(now, after) ? before : now;
}

const isLeaf = (...values: unknown[]): boolean => !values.every(Array.isArray) && !values.every(isPlain);

/**
 * The plain fields that were set together are taken off together: once somebody else has set one of them, all of them are theirs, also those that happen to be
 * alike (a tank found well by one and then by another is still found well).
 */
function revertThing(now: Plain, before: Plain, after: Plain): Plain {
  const changed = [...new Set([...Object.keys(before), ...Object.keys(after)])].filter((key) => !same(before[key], after[key]));
  const leaves = changed.filter((key) => isLeaf(now[key], before[key], after[key]));
  const ours = leaves.every((key) => says(now[key], after[key]));
  return {
    ...now,
    ...(ours ? Object.fromEntries(leaves.map((key) => [key, before[key]])) : {}),
    ...Object.fromEntries(changed.filter((key) => !leaves.includes(key)).map((key) => [key, revertAny(now[key], before[key], after[key])])),
  };
}

type Lists = { before: readonly unknown[]; after: readonly unknown[]; nameOf: (thing: unknown) => string };

function revertList(now: readonly unknown[], { before, after, nameOf }: Lists): unknown[] {
  const [was, became] = [before, after].map((list) => new Map(list.map((thing) => [nameOf(thing), thing] as const)));
  const kept = now.flatMap((thing) => {
    const name = nameOf(thing);
    if (became!.has(name) && !was!.has(name)) return [];
    return was!.has(name) && became!.has(name) ? [revertAny(thing, was!.get(name), became!.get(name))] : [thing];
  });
  const here = new Set(kept.map(nameOf));
  before.forEach((thing, index) => {
    if (!became!.has(nameOf(thing)) && !here.has(nameOf(thing))) kept.splice(Math.min(index, kept.length), 0, thing);
  });
  return kept;
}
