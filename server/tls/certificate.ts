// A certificate for a house on its shop's own network: nobody outside knows the machine, so it is signed by an authority that is made with it, which
// each device is told to trust once. The authority's key is thrown away at once: it can sign nothing else, ever.
import 'reflect-metadata';
import {
  BasicConstraintsExtension,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  SubjectKeyIdentifierExtension,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { webcrypto } from 'node:crypto';
import { isIP } from 'node:net';
import { DAY_MS } from '#core/time/index.ts';

export type Made = { authority: string; certificate: string; key: string; untilMs: number };

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
/** Phones take none that lasts longer, whoever signed it. */
const LASTS_DAYS = 820;
/** A device whose clock is behind takes it all the same. */
const EARLIER_MS = DAY_MS;
const NAME = /^(?=.{1,253}$)[a-z0-9]([a-z0-9-]*[a-z0-9])?(\.[a-z0-9]([a-z0-9-]*[a-z0-9])?)*$/i;

/**
 * Makes a certificate for host names and addresses, with its key and the authority that signed it, as PEM.
 * @param names at least one; throws an Error in words on what is neither a host name nor an address
 * @param now UTC ms
 */
export async function makeCertificate(names: readonly string[], now: number): Promise<Made> {
  if (names.length === 0) throw new Error('a certificate is for at least one name or address');
  for (const name of names) if (isIP(name) === 0 && !NAME.test(name)) throw new Error(`${name} is neither a host name nor an address`);
  const crypto = webcrypto;
  const makeKeys = () => crypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const [authorityKeys, keys] = [await makeKeys(), await makeKeys()];
  const untilMs = now + LASTS_DAYS * DAY_MS;
  const span = { notBefore: new Date(now - EARLIER_MS), notAfter: new Date(untilMs), signingAlgorithm: ALGORITHM };
  const authority = await X509CertificateGenerator.createSelfSigned(
    {
      ...span,
      serialNumber: serial(),
      name: `CN=Daily Crate on ${names[0]}`,
      keys: authorityKeys,
      extensions: [
        new BasicConstraintsExtension(true, 0, true),
        new KeyUsagesExtension(KeyUsageFlags.keyCertSign, true),
        await SubjectKeyIdentifierExtension.create(authorityKeys.publicKey, false, crypto),
      ],
    },
    crypto,
  );
  const certificate = await X509CertificateGenerator.create(
    {
      ...span,
      serialNumber: serial(),
      subject: `CN=${names[0]}`,
      issuer: authority.subject,
      publicKey: keys.publicKey,
      signingKey: authorityKeys.privateKey,
      extensions: [
        new BasicConstraintsExtension(false, undefined, true),
        new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
        new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
        new SubjectAlternativeNameExtension(names.map((name) => ({ type: isIP(name) ? 'ip' : 'dns', value: name }))),
      ],
    },
    crypto,
  );
  const key = PemConverter.encode(await crypto.subtle.exportKey('pkcs8', keys.privateKey), 'PRIVATE KEY');
  return { authority: `${authority.toString('pem')}\n`, certificate: `${certificate.toString('pem')}\n`, key: `${key}\n`, untilMs };
}

/** 126 random bits, positive. */
function serial(): string {
  const bytes = Buffer.from(webcrypto.getRandomValues(new Uint8Array(16)));
  bytes[0] = (bytes[0]! & 0x3f) | 0x20;
  return bytes.toString('hex');
}
