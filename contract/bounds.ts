// How large a body may be before it is judged: asked of its bare shape, so that no schema, message or log ever walks through a mountain.

export const BOUNDS = {
  /** Values of every sort, the containers too; the longest packing list that is taken (2,000 bags) has some 30,000. */
  nodes: 60_000,
  depth: 12,
  /** Entries of one list. */
  list: 4_000,
  /** Fields of one object. */
  fields: 100,
  /** Characters of one text, or of one name of a field. */
  text: 4_000,
} as const;

/** Whether a JSON text nests deeper than {@link BOUNDS} allows: asked of its bytes, since parsing a million brackets costs more than refusing them. */
export function isDeep(text: Uint8Array): boolean {
  let depth = 0;
  let inText = false;
  for (let index = 0; index < text.length; index += 1) {
    const byte = text[index];
    if (inText) {
      if (byte === BACKSLASH) index += 1;
      else if (byte === QUOTE) inText = false;
    } else if (byte === QUOTE) inText = true;
    else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      depth += 1;
      if (depth > BOUNDS.depth) return true;
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth -= 1;
  }
  return false;
}
const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [...new TextEncoder().encode('"\\[]{}')];

/** Up to so many values a body is gone through to its end for what is wrong with it; a larger one to the first fault. */
export const SMALL_NODES = 120;

/**
 * What of a parsed JSON body is beyond {@link BOUNDS}, in words; `nodes` = how many values it holds. Costs a step a value, at most `BOUNDS.nodes` of them, and no
 * recursion.
 */
export function sizeOf(body: unknown): { nodes: number; beyond?: string } {
  const stack: { value: unknown; depth: number }[] = [{ value: body, depth: 1 }];
  let nodes = 0;
  while (stack.length > 0) {
    const { value, depth } = stack.pop()!;
    nodes += 1;
    const beyond = beyondOf(value, depth, nodes + stack.length);
    if (beyond !== undefined) return { nodes, beyond };
    if (typeof value === 'object' && value !== null)
      for (const inner of Object.values(value)) stack.push({ value: inner, depth: depth + 1 });
  }
  return { nodes };
}

function beyondOf(value: unknown, depth: number, nodes: number): string | undefined {
  if (nodes > BOUNDS.nodes) return `more than ${BOUNDS.nodes} values`;
  if (depth > BOUNDS.depth) return `more than ${BOUNDS.depth} levels deep`;
  if (typeof value === 'string') return value.length > BOUNDS.text ? `a text of ${value.length} characters` : undefined;
  if (Array.isArray(value)) return value.length > BOUNDS.list ? `a list of ${value.length}` : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  const names = Object.keys(value);
  if (names.length > BOUNDS.fields) return `${names.length} fields in one object`;
  return names.some((name) => name.length > BOUNDS.text) ? 'the name of a field' : undefined;
}
