// Talking to the server: JSON in and out, and the three ways it can go wrong told apart.

/** Nobody answered: the server or the network is away. What was to be sent is kept. */
export class ServerAway extends Error {}

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

const GATEWAY_STATUSES = [502, 503, 504];

async function call<T>(path: string, init: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, { credentials: 'same-origin', ...init });
  } catch {
    throw new ServerAway('no answer');
  }
  if (GATEWAY_STATUSES.includes(response.status)) throw new ServerAway(String(response.status));
  const text = await response.text();
  const body = (text ? JSON.parse(text) : {}) as T & Refusal['body'];
  if (!response.ok) throw new Refusal(response.status, body);
  return body;
}

export function getJson<T>(path: string): Promise<T> {
  return call<T>(path, { method: 'GET' });
}

export function postJson<T>(path: string, body: unknown): Promise<T> {
  return call<T>(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
}
