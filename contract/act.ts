// An act as it comes over the wire: checked, lifted to today's versions, or refused with the path of each fault.
import { array, number, object, string, ValidationError } from 'yup';
import { REFUSAL_CODES, type Act, type Entry, type Kind } from '#core/catalogue/index.ts';
import { WITHOUT_LEAD, type RefusalCode } from '#core/journal/index.ts';
import { unwritableIn } from '#core/writing/index.ts';
import { choice, closed, finite, instant, text, uuid } from './basics/fields.ts';
import { SMALL_NODES, sizeOf } from './bounds.ts';
import { isKind, kinds } from './kinds.ts';

export const MAX_ENTRIES = 200;
/** Nobody reads more; and none of them repeats a whole body. */
export const MOST_FAULTS = 20;
const LONGEST_SAID = 300;
export type Fault = { path: string; message: string };
export type CheckedAct = { ok: true; act: Act } | { ok: false; code: 'bad' | 'client.newer'; faults: Fault[] };

const envelope = object({
  id: uuid(),
  kind: string().max(40).required(),
  version: number().integer().min(1).max(1000).required(),
  occurredAtMs: instant(),
  payload: object().required(),
  overrules: array()
    .of(
      closed({
        code: choice(REFUSAL_CODES as readonly RefusalCode[]),
        reason: text(300),
        path: string().max(100).optional(),
        size: finite(0, 1e6).optional(),
        without: choice(WITHOUT_LEAD).optional(),
      }),
    )
    .max(20)
    .optional(),
  corrects: string().max(64).optional(),
})
  .noUnknown(true)
  .strict(true)
  .required();

const actSchema = object({ actId: uuid(), entries: array().of(envelope).min(1).max(MAX_ENTRIES).required() })
  .noUnknown(true)
  .strict(true)
  .required();

/** Checks a parsed JSON body. Never throws on bad input; the faults name where and what was expected. */
export function checkAct(body: unknown): CheckedAct {
  const { nodes, beyond } = sizeOf(body);
  if (beyond !== undefined) return { ok: false, code: 'bad', faults: [{ path: '', message: `too large: ${beyond}` }] };
  const how = { strict: true, abortEarly: nodes > SMALL_NODES, disableStackTrace: true };
  const shape = faultsOf(() => actSchema.validateSync(body, how));
  if (shape.length > 0) return { ok: false, code: 'bad', faults: shape };
  const raw = body as { actId: string; entries: (Omit<Entry, 'kind' | 'payload'> & { kind: string; payload: unknown })[] };
  const faults: Fault[] = [];
  const entries: Entry[] = [];
  for (const [index, entry] of raw.entries.entries()) {
    const path = `entries.${index}`;
    if (!isKind(entry.kind)) {
      faults.push({ path: `${path}.kind`, message: `there is no kind ${entry.kind}` });
      continue;
    }
    if (entry.version > kinds[entry.kind].version) {
      return {
        ok: false,
        code: 'client.newer',
        faults: [{ path: `${path}.version`, message: `this house knows ${entry.kind} up to version ${kinds[entry.kind].version}` }],
      };
    }
    const payload = lift(entry.kind, entry.version, entry.payload);
    faults.push(...faultsOf(() => kinds[entry.kind as Kind].schema.validateSync(payload, how), `${path}.payload`));
    for (const where of unwritableIn({ payload, overrules: entry.overrules }, path))
      faults.push({ path: where.slice(0, LONGEST_SAID), message: 'has characters that cannot be written' });
    if (faults.length >= MOST_FAULTS) break;
    entries.push({ ...entry, version: kinds[entry.kind].version, payload } as Entry);
  }
  return faults.length > 0
    ? { ok: false, code: 'bad', faults: faults.slice(0, MOST_FAULTS) }
    : { ok: true, act: { actId: raw.actId, entries } };
}

/** A payload as today's version has it; entries stay stored as they were written. */
export function lift(kind: Kind, version: number, payload: unknown): unknown {
  return kinds[kind].upcasters.slice(version - 1).reduce((lifted, upcast) => upcast(lifted), payload);
}

function faultsOf(check: () => unknown, prefix = ''): Fault[] {
  try {
    check();
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    return inner.slice(0, MOST_FAULTS).map((validationError) => ({
      path: [prefix, validationError.path?.replaceAll(/\[(\d+)\]/g, '.$1')].filter(Boolean).join('.').slice(0, LONGEST_SAID),
      message: validationError.message.slice(0, LONGEST_SAID),
    }));
  }
}
