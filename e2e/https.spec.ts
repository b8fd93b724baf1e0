// Over the shop's own network: the certificate that `npm run certificate` makes, a device that trusts it, and a reload while the house is away.
import { X509Certificate, createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { launchOptions } from '../scripts/chromium.mjs';
import { expect, test } from './house.ts';

test('a device that trusts the house’s certificate keeps the pages, and opens them while the house is away', async ({ house }, info) => {
  const into = info.outputPath('certificate');
  execFileSync('node', [path.resolve('dist-server/keep.js'), 'certificate', '--into', into]);
  const [cert, key] = [path.join(into, 'house.crt'), path.join(into, 'house.key')];
  await house.close();
  await house.openSecured({ cert, key });
  // As after the trust page: this browser takes this one key, and no other that is unknown.
  const spki = createHash('sha256')
    .update(new X509Certificate(fs.readFileSync(cert)).publicKey.export({ type: 'spki', format: 'der' }))
    .digest('base64');
  const options = launchOptions();
  const browser = await chromium.launch({ ...options, args: [...(options.args ?? []), `--ignore-certificate-errors-spki-list=${spki}`] });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow', reducedMotion: 'reduce' });
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  expect(await page.evaluate(() => isSecureContext)).toBe(true);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.waitForTimeout(3000);
  await house.close();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Land 6/ })).toBeVisible();
  await expect(page.locator('.away-bar')).toContainText('As it was seen');
  await expect(page.getByText(/Do not reload/)).toHaveCount(0);
  await browser.close();
});
