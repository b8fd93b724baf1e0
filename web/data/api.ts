// Talking to the server: JSON in and out, and the three ways it can go wrong told apart.

/** Why nothing can be sent now: nobody answers, or the house is there and its disk takes nothing. */
export type Away = 'away' | 'cannotWrite' | 'full';

/** Nobody answered, or nothing can be written: what was to be sent is kept. */
export class ServerAway extends Error {
  readonly how: Away;
  constructor(message: string, how: Away = 'away') {
    super(message);
    this.how = how;
  }
}

/** The server answered no. `body` is its data: a code, refusals or faults. */
export class Refusal extends Error {
  readonly status: number;
  readonly body: { code?: string } & Record<string, unknown>;
  constructor(status: number, body: Refusal['body']) {
    super(`${status} ${body.code ?? ''}`);
    this.status = status;
    this.body = body;
  }
}

/** A house that says nothing for so long is away: nothing waits on it for ever. */
const ANSWERS_WITHIN_MS = 20_000;
const GATEWAY_STATUSES = [502, 503, 504];

/** Tablets of before 2022 know no such limit: there a silent house is waited for. */
const inTime = (): AbortSignal | undefined => ('timeout' in AbortSignal ? AbortSignal.timeout(ANSWERS_WITHIN_MS) : undefined);

async function call<T>(path: string, init: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, { credentials: 'same-origin', signal: inTime(), ...init });
  } catch {
    throw new ServerAway('no answer');
  }
  if (GATEWAY_STATUSES.includes(response.status)) throw new ServerAway(String(response.status), await howAway(response));
  const body = await bodyOf<T>(response);
  if (!response.ok) throw new Refusal(response.status, body);
  return body;
}

/** The house itself says that it cannot write; a server before it says something else, or nothing. */
async function howAway(response: Response): Promise<Away> {
  const said = await bodyOf<{ full?: boolean }>(response).catch(() => undefined);
  if (said?.code !== 'cannotWrite') return 'away';
  return said.full ? 'full' : 'cannotWrite';
}

/** What breaks off, or is no JSON (a gateway's own page), is no answer of the house. */
async function bodyOf<T>(response: Response): Promise<T & Refusal['body']> {
  try {
    const text = await response.text();
    return (text ? JSON.parse(text) : {}) as T & Refusal['body'];
  } catch {
    throw new ServerAway('half an answer');
  }
}

export function getJson<T>(path: string): Promise<T> {
  return call<T>(path, { method: 'GET' });
}

export function postJson<T>(path: string, body: unknown, headers: Record<string, string> = {}): Promise<T> {
  return call<T>(path, { method: 'POST', headers: { ...headers, 'content-type': 'application/json' }, body: JSON.stringify(body) });
}
