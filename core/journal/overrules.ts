// What passes over a refusal: an overrule names the code and where in the entry it stands, so that an answer about one lot is none about another.
import { atLeast, type Role } from '../roles/index.ts';
import type { Overrule, Written } from './entry.ts';
import { refuse, type Refusal } from './refusal.ts';

const ROUNDING = 1e-9;

/** What is left of the refusals, and which overrules passed over one. One that names no place passes only where its code stands at one place. */
export function judge(
  refusals: readonly Refusal[],
  entry: Pick<Written, 'overrules'>,
  role: Role,
): { left: Refusal[]; passing: ReadonlySet<Overrule> } {
  const places = new Map<string, Set<string>>();
  for (const { code, path } of refusals) places.set(code, (places.get(code) ?? new Set()).add(path));
  const passersOf = ({ code, path, facts, overrule, emergency }: Refusal): Overrule[] => {
    if (!overrule) return [];
    const suffices = atLeast(role, overrule);
    const urgent = emergency === true && atLeast(role, 'keeper');
    // Of a cost nothing is taken by who does not say how large it was then.
    const grew = (size = 0) => typeof facts.size === 'number' && facts.size > size + ROUNDING;
    return (entry.overrules ?? []).filter(
      (overrule) =>
        overrule.code === code &&
        (overrule.path === undefined ? places.get(code)!.size === 1 : overrule.path === path) &&
        !grew(overrule.size) &&
        (suffices || (urgent && overrule.without !== undefined)),
    );
  };
  const passers = refusals.map(passersOf);
  return { left: refusals.filter((_refusal, index) => passers[index]!.length === 0), passing: new Set(passers.flat()) };
}

/**
 * Overrules of what nobody refused now, which would be remembered for when it is: a lead's word given by less than a lead. Costs that a tap takes are no such
 * word. Of a method a keeper may say that no lead can be reached, for all bags of a lot at once, and a lead is told; of a place nobody may: it is no emergency.
 */
export function passedInAdvance(
  refusals: readonly Refusal[],
  entry: Pick<Written, 'overrules'>,
  isTap: (code: string) => boolean,
): Refusal[] {
  const early = (entry.overrules ?? []).filter(
    ({ code, without }) => !(without && code.startsWith('method.')) && !isTap(code) && !refusals.some((refusal) => refusal.code === code),
  );
  return early.flatMap(({ code }) => refuse('overrule.notAsked', 'overrules', { of: code }));
}

/** `entries.3.payload.moves.0` is `moves.0` of entry 3; a refusal that was never sent has neither. */
function whereOf(path: string | undefined): { entry?: number; path?: string } {
  const [, entry, within] = /^entries\.(\d+)\.payload\.(.+)$/.exec(path ?? '') ?? [];
  return entry === undefined ? {} : { entry: Number(entry), path: within };
}

/** The overrule that passes over a refusal as it stands, and as large as it is now. */
export function takenAs({ code, facts, path }: Pick<Refusal, 'code' | 'facts'> & { path?: string }, reason: string): Overrule {
  const where = whereOf(path).path;
  return { code, reason, ...(where ? { path: where } : {}), ...(typeof facts.size === 'number' ? { size: facts.size } : {}) };
}

type Said = { kind: string; payload: unknown; overrules?: Overrule[] };
const same = (a: Said, b: Said): boolean => {
  const [earlier, later] = [a.payload, b.payload] as { lot?: unknown; tank?: unknown }[];
  return a.kind === b.kind && earlier!.lot !== undefined && earlier!.lot === later!.lot && earlier!.tank === later!.tank;
};

/** One for each code and place. */
function largest(overrules: readonly Overrule[]): Overrule[] {
  const kept = new Map<string, Overrule>();
  for (const overrule of overrules) {
    const key = `${overrule.code} ${overrule.path ?? ''}`;
    if ((kept.get(key)?.size ?? 0) <= (overrule.size ?? 0)) kept.set(key, overrule);
  }
  return [...kept.values()];
}

/** The entries with these refusals passed over: each where it stands, and in the entries that ask the same of the same lot and tank, as the bags of a lot do. */
export function passingOver<E extends Said>(
  entries: readonly E[],
  refusals: readonly (Pick<Refusal, 'code' | 'facts'> & { path?: string })[],
  make: (refusal: Pick<Refusal, 'code' | 'facts'> & { path?: string }) => Overrule,
): E[] {
  return entries.map((entry, index) => {
    const taken = largest(
      refusals.flatMap((refusal) => {
        const entryIndex = whereOf(refusal.path).entry;
        return entryIndex === undefined || entryIndex === index || same(entries[entryIndex]!, entry) ? [make(refusal)] : [];
      }),
    );
    if (taken.length === 0) return entry;
    const before = (entry.overrules ?? []).filter(
      (old) => !taken.some(({ code, path }) => code === old.code && (!old.path || path === old.path)),
    );
    return { ...entry, overrules: [...before, ...taken] };
  });
}
