// The files of a certificate: those of the command line, and the authority beside them that devices are told to trust.
import { X509Certificate } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { createSecureContext } from 'node:tls';

export const CERTIFICATE = 'house.crt';
export const KEY = 'house.key';
export const AUTHORITY = 'authority.crt';

export type Secured = {
  cert: string;
  key: string;
  /** Host names that it is for: pages under them are ours. */
  names: string[];
  /** Made here, and unknown to devices before they are told; absent when somebody they know has signed it. */
  authority?: X509Certificate;
};

/** Throws an Error in words when the files are not there, do not belong together, or are over. */
export function readCertificate(certFile: string, keyFile: string, now: number): Secured {
  const [cert, key] = [read(certFile, '--cert'), read(keyFile, '--key')];
  let parsed: X509Certificate;
  try {
    createSecureContext({ cert, key });
    parsed = new X509Certificate(cert);
  } catch (error) {
    throw new Error(`${certFile} and ${keyFile} do not belong together, or one of them is none: ${(error as Error).message}`, {
      cause: error,
    });
  }
  if (Date.parse(parsed.validTo) <= now)
    throw new Error(`${certFile} was good until ${parsed.validTo}: make another (npm run certificate -- --anew)`);
  const names = [...(parsed.subjectAltName ?? '').matchAll(/DNS:([^,\s]+)/g)].map(([, name]) => name!);
  const beside = path.join(path.dirname(certFile), AUTHORITY);
  if (!fs.existsSync(beside)) return { cert, key, names };
  const authority = new X509Certificate(fs.readFileSync(beside));
  return parsed.checkIssued(authority) && parsed.verify(authority.publicKey) ? { cert, key, names, authority } : { cert, key, names };
}

function read(file: string, option: string): string {
  try {
    return fs.readFileSync(file, 'utf8');
  } catch (error) {
    throw new Error(`${option} ${file}: ${(error as Error).message}`, { cause: error });
  }
}
