// What may be said on the command line, read once and checked.
import path from 'node:path';
import { parseArgs } from 'node:util';

export type Options = { port: number; host: string; data: string; clock?: string; freeze: boolean; fresh: boolean; hostNames: string[] };

/** Throws an Error with plain words on anything that cannot be. */
export function readOptions(args: string[], defaults: { data: string }): Options {
  const { values } = parseArgs({
    args,
    strict: true,
    options: {
      port: { type: 'string', default: process.env.PORT ?? '4600' },
      host: { type: 'string', default: '127.0.0.1' },
      data: { type: 'string', default: defaults.data },
      clock: { type: 'string' },
      freeze: { type: 'boolean', default: false },
      fresh: { type: 'boolean', default: false },
      'host-name': { type: 'string', multiple: true, default: [] },
    },
  });
  const port = Number(values.port);
  if (!Number.isInteger(port) || port < 0 || port > 65_535) throw new Error(`--port ${values.port}: give a number from 0 to 65535`);
  return {
    port,
    host: values.host,
    data: path.resolve(values.data),
    clock: values.clock,
    freeze: values.freeze,
    fresh: values.fresh,
    hostNames: values['host-name'],
  };
}
