// The contract in words: docs/journal.md as text, made from the table of kinds, the schemas and the examples.
import type { Kind } from '#core/catalogue/index.ts';
import { examples, KINDS, kinds } from './kinds.ts';

const UNDO = { self: 'its maker within a day, or a lead', lead: 'a lead', never: 'nobody: a further entry sets it right' } as const;

type Described = {
  type: string;
  optional?: boolean;
  nullable?: boolean;
  oneOf?: unknown[];
  tests?: { name?: string; params?: Record<string, unknown> }[];
  fields?: Record<string, Described>;
  innerType?: Described;
};

/** docs/journal.md, whole. */
export function journalDoc(): string {
  return `# The journal

Made by \`npm run docs:journal\` from \`contract/\`; do not edit. A test fails when it is stale.

Everything is written with one request, \`POST /api/journal\`, as an act: \`{actId, entries[]}\`, all or nothing. An entry is
\`{id, kind, version, occurredAtMs, payload, overrules?, corrects?}\`; ids are UUIDs made by the sender, times UTC
milliseconds, quantities °C, L, ppt, cm. The server adds \`seq\`, \`recordedAtMs\`, \`actor\`. The answer is \`{seq, repeated}\`;
400 names the path of each fault; 403 and 409 carry refusals \`{code, path, facts, overrule?}\`. The same act sent again
answers as before. An overrule \`{code, reason}\` passes the refusal of that code when the sender's rank is at least the
one the refusal names, and is kept.

${KINDS.map(kindDoc).join('\n')}`;
}

function kindDoc(kind: Kind): string {
  const { version, schema, minRole, undo, topics } = kinds[kind];
  const { fields = {} } = schema.describe() as unknown as Described;
  return `## ${kind}

Version ${version}. Written by a ${minRole}${minRole === 'lead' ? '' : ' or above'}. Undone by ${UNDO[undo]}. Touches ${topics.join(', ')}.

${fieldLines(fields, 0)}

\`\`\`json
${JSON.stringify(examples[kind])}
\`\`\`
`;
}

function fieldLines(fields: Record<string, Described>, depth: number): string {
  return Object.entries(fields)
    .map(
      ([name, field]) =>
        `${'  '.repeat(depth)}- \`${name}\`${field.optional ? ' (may be left out)' : ''}: ${sayType(field)}${nested(field, depth)}`,
    )
    .join('\n');
}

function nested(field: Described, depth: number): string {
  const fields = field.fields ?? field.innerType?.fields;
  return fields ? `\n${fieldLines(fields, depth + 1)}` : '';
}

function sayType({ type, oneOf = [], tests = [], nullable, innerType }: Described): string {
  const has = (name: string) => tests.find((test) => test.name === name)?.params;
  if (type === 'array') return `list of ${innerType ? sayType(innerType) : 'values'}`;
  const isNamed = (name: string) => tests.some((test) => test.name === name);
  const words =
    oneOf.length > 0
      ? oneOf.map((value) => `\`${String(value)}\``).join(', ')
      : isNamed('integer')
        ? 'whole number'
        : isNamed('matches')
          ? 'id'
          : type;
  const limits = [has('min')?.min, has('max')?.max] as (number | undefined)[];
  const range =
    limits[0] === undefined && limits[1] === undefined
      ? ''
      : type === 'string'
        ? `, ${limits[0] ?? 0} to ${limits[1] ?? '∞'} characters`
        : `, ${limits[0] ?? '−∞'} to ${limits[1] ?? '∞'}`;
  return `${words}${range}${nullable ? ', or null' : ''}`;
}
