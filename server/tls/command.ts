// `npm run certificate -- [NAME OR ADDRESS …]`: https for the shop's own network, made on this machine.
import { X509Certificate } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { makeCertificate } from './certificate.ts';
import { CERTIFICATE, AUTHORITY, KEY } from './files.ts';

/** By what this machine is called and reached at, besides what somebody gives. */
function ownNames(): string[] {
  const name = os.hostname().toLowerCase();
  const addresses = Object.values(os.networkInterfaces()).flatMap((list = []) =>
    list.filter(({ internal, family }) => !internal && family === 'IPv4').map(({ address }) => address),
  );
  return [...(name.includes('.') ? [name] : [name, `${name}.local`]), ...addresses, 'localhost', '127.0.0.1'];
}

export async function certificateCommand(args: string[], now: number): Promise<string> {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { into: { type: 'string', default: 'data/certificate' }, anew: { type: 'boolean', default: false } },
  });
  const into = path.resolve(values.into);
  const files = { [AUTHORITY]: 'authority', [CERTIFICATE]: 'certificate', [KEY]: 'key' } as const;
  // Every device would have to trust the new one: not by mistake.
  if (fs.existsSync(path.join(into, CERTIFICATE)) && !values.anew)
    throw new Error(`${into} has a certificate. With --anew it is replaced, and each device has to trust the new one.`);
  const names = [...new Set([...positionals, ...ownNames()])];
  const made = await makeCertificate(names, now);
  fs.mkdirSync(into, { recursive: true, mode: 0o700 });
  for (const [file, part] of Object.entries(files)) fs.writeFileSync(path.join(into, file), made[part], { mode: 0o600 });
  const { fingerprint256 } = new X509Certificate(made.authority);
  return [
    `for ${names.join(', ')}; good until ${new Date(made.untilMs).toISOString().slice(0, 10)}`,
    `start with:  npm start -- --host 0.0.0.0 --cert ${path.join(into, CERTIFICATE)} --key ${path.join(into, KEY)}`,
    'Each device trusts it once; the start says where the page for that stands.',
    `Its fingerprint, to compare on the device: ${fingerprint256}`,
  ].join('\n');
}
