// The way between a tablet and the house: it drops, doubles, delays, answers nothing, half, or what is no answer.
import type { Boxed } from './server.ts';

const TROUBLES = ['dropped', 'lost', 'late', 'twice', 'half', 'empty', 'broken', 'broke after', 'silent', 'gateway'] as const;
type Trouble = (typeof TROUBLES)[number];
export type Jar = { cookies: Map<string, string> };

const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** `trouble` = how likely something goes wrong, 0 to 1. */
export function makeNetwork(boxed: Boxed, chance: () => number) {
  const state = { trouble: 0 };
  const jars = new Map<string, Jar>();
  const jarOf = (browser: string): Jar => {
    const jar = jars.get(browser) ?? { cookies: new Map<string, string>() };
    jars.set(browser, jar);
    return jar;
  };

  async function deliver(path: string, init: RequestInit, jar: Jar): Promise<Response> {
    if (!boxed.isUp()) throw new TypeError('refused');
    const cookie = [...jar.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
    const { signal: _signal, ...rest } = init;
    const response = await fetch(`http://127.0.0.1:${boxed.port()}${path}`, { ...rest, headers: { ...(init.headers as object), cookie } });
    for (const address of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(address)!;
      jar.cookies.set(name!, value!);
    }
    return response;
  }

  /** What a browser's `fetch` would be, for the tablet that its path begins with: `/browser/api/…`. */
  async function troubled(address: string, init: RequestInit): Promise<Response> {
    const [, browser, path] = /^\/([^/]+)(\/.*)$/.exec(address)!;
    const jar = jarOf(browser!);
    const trouble: Trouble | undefined = chance() < state.trouble ? TROUBLES[Math.floor(chance() * TROUBLES.length)] : undefined;
    switch (trouble) {
      case 'dropped':
        throw new TypeError('no way there');
      case 'silent':
        await wait(8);
        throw new DOMException('too late', 'TimeoutError');
      case 'empty':
        return new Response(null, { status: 204 });
      case 'broken':
        return Response.json({ code: 'broken' }, { status: 500 });
      case 'gateway':
        return new Response('<html>gateway</html>', { status: 502 });
      case 'late':
        await wait(1 + chance() * 10);
        return deliver(path!, init, jar);
      case 'lost':
        await deliver(path!, init, jar);
        throw new TypeError('no way back');
      case 'half':
        await deliver(path!, init, jar);
        return new Response('{"seq": 1', { status: 200 });
      case 'broke after':
        await deliver(path!, init, jar);
        return Response.json({ code: 'broken' }, { status: 500 });
      case 'twice':
        await deliver(path!, init, jar);
        return deliver(path!, init, jar);
      default:
        return deliver(path!, init, jar);
    }
  }
  return { state, fetch: troubled };
}
