// The service worker: keeps the shell (pages, scripts, sheets, fonts) so that a reload opens without the house. It touches nothing of /api.
/// <reference lib="webworker" />
import { addRoute, cleanupOutdatedCaches, matchPrecache, precache, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;
/** Written in by the build (vite.config.ts). */
declare const __SHELL__: PrecacheEntry[];

/** A house that is slower to give its page is not waited for. */
const PAGE_WITHIN_MS = 1500;
const SHELL = '/index.html';

// Pages come from the house while it is there, so that a new build shows at once; the kept one opens when it is not.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const late = new Promise<undefined>((resolve) => setTimeout(() => resolve(undefined), PAGE_WITHIN_MS));
      const answer = await Promise.race([fetch(request).catch(() => undefined), late]);
      if (answer && answer.status < 500) return answer;
      return (await matchPrecache(SHELL)) ?? answer ?? Response.error();
    },
    { denylist: [/^\/api\//] },
  ),
);
precache(__SHELL__);
addRoute({ directoryIndex: undefined, cleanURLs: false });
cleanupOutdatedCaches();
self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
