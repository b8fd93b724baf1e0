// The browser of tests, screenshots and benches: Debian's headless Chromium, found or installed.
import fs from 'node:fs';
import path from 'node:path';
import { run } from './setup.mjs';

// The shell draws the same pages without a desk around them, in a fifth less time; a whole Chromium serves as well.
const PACKAGES = ['chromium-headless-shell', 'chromium'];

export function findChromium() {
  if (process.env.CHROMIUM) return process.env.CHROMIUM;
  const folders = (process.env.PATH ?? '').split(path.delimiter);
  return PACKAGES.flatMap((name) => folders.map((folder) => path.join(folder, name))).find((file) => fs.existsSync(file));
}

/** Installs one when there is none and that may be. */
export function setupChromium() {
  if (findChromium()) return;
  console.log('installing Chromium for the browser tests …');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }, stdio: ['ignore', 'ignore', 'inherit'] });
  };
  const install = (name) => apt('install', '-y', '--no-install-recommends', name, 'fonts-liberation') === 0;
  if (apt('update') !== 0 || !PACKAGES.some(install) || !findChromium()) {
    console.error('no Chromium found: install it (Debian: apt-get install chromium) or name one in CHROMIUM');
    process.exit(1);
  }
}

/** What every launch of it is given: no sandbox of its own, nothing but this machine to talk to. */
export const launchOptions = () => ({
  executablePath: findChromium(),
  chromiumSandbox: false,
  args: [
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-domain-reliability',
    '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1 , EXCLUDE localhost',
  ],
});
