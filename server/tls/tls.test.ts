import { X509Certificate } from 'node:crypto';
import fs from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import type { AddressInfo } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { DAY_MS } from '#core/time/index.ts';
import { makeCertificate } from './certificate.ts';
import { certificateCommand } from './command.ts';
import { CERTIFICATE, KEY, readCertificate } from './files.ts';
import { makeTrustPage } from './trust.ts';

const NOW = Date.now();
let folder: string;
beforeEach(() => (folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-tls-'))));
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }));
const inFolder = (file: string) => path.join(folder, file);
const make = async () => {
  await certificateCommand(['fish.shop.test', '--into', folder], NOW);
  return readCertificate(inFolder(CERTIFICATE), inFolder(KEY), NOW);
};

/** Node's own TLS, which shares no code with what made it, is the judge. */
async function ask(
  servername: string | undefined,
  host: string,
  ca: string,
  { cert, key }: { cert: string; key: string },
): Promise<string> {
  const server = https.createServer({ cert, key }, (_request, response) => response.end('here'));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  try {
    return await new Promise<string>((resolve, reject) => {
      https
        .get({ host, port, ca, servername, agent: false, headers: { host: servername ?? host } }, (response) => {
          response.setEncoding('utf8').on('data', resolve);
        })
        .once('error', reject);
    });
  } finally {
    server.closeAllConnections();
    server.close();
  }
}

it('a device that trusts the authority takes it for its names and addresses, and for no others', async () => {
  const made = await makeCertificate(['fish.shop.test', '127.0.0.1'], NOW);
  const pair = { cert: made.certificate, key: made.key };
  await expect(ask('fish.shop.test', '127.0.0.1', made.authority, pair)).resolves.toBe('here');
  await expect(ask(undefined, '127.0.0.1', made.authority, pair)).resolves.toBe('here');
  await expect(ask('bank.test', '127.0.0.1', made.authority, pair)).rejects.toMatchObject({ code: 'ERR_TLS_CERT_ALTNAME_INVALID' });
  const stranger = await makeCertificate(['fish.shop.test'], NOW);
  await expect(ask('fish.shop.test', '127.0.0.1', stranger.authority, pair)).rejects.toThrow(/verify|certificate/);
});

it('lasts as long as phones allow; the house’s certificate can sign no other', async () => {
  const made = await makeCertificate(['fish.shop.test'], NOW);
  const certificate = new X509Certificate(made.certificate);
  expect((Date.parse(certificate.validTo) - Date.parse(certificate.validFrom)) / DAY_MS).toBeLessThanOrEqual(825);
  expect(certificate.ca).toBe(false);
  expect(new X509Certificate(made.authority).ca).toBe(true);
});

it.each([[[]], [['two words']], [['-fish']], [['a'.repeat(254)]], [['fish..test']]])('makes none for %j', async (names: string[]) => {
  await expect(makeCertificate(names, NOW)).rejects.toThrow(/name/);
});

it('the command writes what a start reads, for nobody else to read, and replaces none by mistake', async () => {
  const secured = await make();
  expect(secured.names).toContain('fish.shop.test');
  expect(secured.authority).toBeDefined();
  expect(fs.statSync(inFolder(KEY)).mode & 0o077).toBe(0);
  await expect(certificateCommand(['--into', folder], NOW)).rejects.toThrow(/--anew/);
  await expect(certificateCommand(['--into', folder, '--anew'], NOW)).resolves.toMatch(/fingerprint/);
});

it('says in words what is wrong with the files', async () => {
  await make();
  const unrelated = await makeCertificate(['fish.shop.test'], NOW);
  fs.writeFileSync(inFolder('other.key'), unrelated.key);
  fs.writeFileSync(inFolder('none.crt'), 'hello');
  expect(() => readCertificate(inFolder('gone.crt'), inFolder(KEY), NOW)).toThrow(/--cert .*gone\.crt/);
  expect(() => readCertificate(inFolder(CERTIFICATE), inFolder('other.key'), NOW)).toThrow(/do not belong together/);
  expect(() => readCertificate(inFolder('none.crt'), inFolder(KEY), NOW)).toThrow(/one of them is none/);
  expect(() => readCertificate(inFolder(CERTIFICATE), inFolder(KEY), NOW + 900 * DAY_MS)).toThrow(/was good until/);
  // An authority that has not signed it is not offered to anybody.
  fs.writeFileSync(inFolder('authority.crt'), unrelated.authority);
  expect(readCertificate(inFolder(CERTIFICATE), inFolder(KEY), NOW).authority).toBeUndefined();
});

it('the page over plain http gives the authority and its fingerprint, and sends everything else to https', async () => {
  const { authority, names } = await make();
  const server = http.createServer(makeTrustPage({ authority: authority!, hostNames: names, httpsPort: () => 4600 }));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const get = (url: string, headers: Record<string, string> = {}) =>
    fetch(`http://127.0.0.1:${port}${url}`, { redirect: 'manual', headers });
  try {
    const page = await (await get('/')).text();
    expect(page).toContain(authority!.fingerprint256);
    expect(page).toContain('https://127.0.0.1:4600');
    const given = Buffer.from(await (await get('/authority.crt')).arrayBuffer());
    expect(new X509Certificate(given).fingerprint256).toBe(authority!.fingerprint256);
    const sent = await get('/rounds?tank=A1');
    expect([sent.status, sent.headers.get('location')]).toEqual([302, 'https://127.0.0.1:4600/rounds?tank=A1']);
    // Nothing of the house is told here.
    expect((await get('/api/health')).status).toBe(302);
  } finally {
    server.closeAllConnections();
    server.close();
  }
});
