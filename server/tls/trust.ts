// What a device is told before it trusts the house: over plain http, on a port of its own, since over https it would be warned off. Gives the authority's
// certificate and how to take it; everything else is sent on to https.
import express, { type Express } from 'express';
import type { X509Certificate } from 'node:crypto';
import { guard } from '../guard.ts';
import { safeHeaders } from '../headers.ts';

type Options = { authority: X509Certificate; hostNames: readonly string[]; httpsPort: () => number };

export function makeTrustPage({ authority, hostNames, httpsPort }: Options): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(guard(hostNames));
  app.use(safeHeaders());
  const houseOf = (host: string | undefined) => `https://${(host ?? 'localhost').replace(/:\d+$/, '')}:${httpsPort()}`;
  app.get('/authority.crt', (_request, response) => {
    response.type('application/x-x509-ca-cert').send(authority.raw);
  });
  app.get('/', (request, response) => void response.type('html').send(pageOf(houseOf(request.headers.host), authority)));
  app.use((request, response) => response.redirect(houseOf(request.headers.host) + request.url));
  return app;
}

const pageOf = (house: string, authority: X509Certificate) => `<!doctype html>
<html lang="en">
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Trust this house once · Daily Crate</title>
<body>
<h1>Trust this house once</h1>
<p>Then the pages open without a warning, and go on opening when the house is away. It takes a minute, once on each phone or tablet.</p>
<ol>
<li><a href="/authority.crt">Fetch the certificate</a>. The device asks what to do with it: install it.</li>
<li>A device that only says “downloaded” has it waiting in its settings: look there for <b>profile</b>, or search them for <b>certificate</b>, and
install it as a <b>CA certificate</b>. It asks for the device’s own code.</li>
<li>Some devices want one thing more: in the settings, under <b>about</b> and <b>certificate trust</b>, switch it on.</li>
<li>Compare its fingerprint with the one that the house’s machine printed. If they differ, remove it again: somebody stands between you and the house.
<p><code>${authority.fingerprint256}</code></p></li>
<li><a href="${house}">Open the house</a>. If the browser still warns, it is not trusted yet: go back to 2.</li>
</ol>
<p>It is good for this house alone: what signed it was thrown away when it was made. To take it back, remove it where it was installed.</p>
</body>
</html>
`;
