// What may be said on the command line, read once and checked.
import path from 'node:path';
import { parseArgs } from 'node:util';

export type Options = {
  port: number;
  host: string;
  data: string;
  clock?: string;
  freeze: boolean;
  fresh: boolean;
  hostNames: string[];
  /** The files of a certificate and its key: https instead of http. */
  tls?: { cert: string; key: string };
  /** Where devices are told how to trust it; the next one after `port` unless it is said. */
  trustPort?: number;
};

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
      cert: { type: 'string' },
      key: { type: 'string' },
      'trust-port': { type: 'string' },
      'host-name': { type: 'string', multiple: true, default: [] },
    },
  });
  const port = readPort('--port', values.port);
  const { cert, key } = values;
  if ((cert === undefined) !== (key === undefined))
    throw new Error('--cert and --key go together: a certificate, and the key that it was made with');
  return {
    ...(cert !== undefined && key !== undefined && { tls: { cert: path.resolve(cert), key: path.resolve(key) } }),
    ...(values['trust-port'] !== undefined && { trustPort: readPort('--trust-port', values['trust-port']) }),
    port,
    host: values.host,
    data: path.resolve(values.data),
    clock: values.clock,
    freeze: values.freeze,
    fresh: values.fresh,
    hostNames: values['host-name'],
  };
}

function readPort(option: string, text: string): number {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65_535) throw new Error(`${option} ${text}: give a number from 0 to 65535`);
  return port;
}
