/// <reference lib="webworker" />
/**
 * Keeps the seat going without a network, where browsers allow that (over https): a page of the seat comes from the server, and from what
 * this device keeps when the server does not answer. Answers and news are never kept here: those have their outbox. Which pages are kept, and
 * when they are forgotten, the seat itself decides (ui/offline).
 */
import { CacheFirst, ExpirationPlugin, NetworkFirst, Serwist, type SerwistPlugin } from 'serwist';
import { SEAT_CACHES } from '@/contracts/seatCaches';
import { makeOfflinePage } from '@/text/offlinePage';

declare const self: ServiceWorkerGlobalScope;

/** A network that takes longer is as good as none: what is kept is shown meanwhile. */
const PATIENCE_SECONDS = 6;
/** All of the app's scripts, styles and fonts are fewer. */
const MOST_FILES = 400;

const isSeatPage = (path: string) => path === '/seat' || path.startsWith('/seat/');

const pagePlugin: SerwistPlugin = {
  // A server that cannot reach its data is no better than no server.
  fetchDidSucceed: async ({ response }) => {
    if (response.status >= 500) throw new Error(`the server answered ${response.status}`);
    // Sent on, to the door for example: whoever sat here does not any more.
    if (response.type === 'opaqueredirect') await self.caches.delete(SEAT_CACHES.pages);
    return response;
  },
  cacheWillUpdate: ({ response }) => Promise.resolve(response.status === 200 ? response : null),
  handlerDidError: () =>
    Promise.resolve(
      new Response(makeOfflinePage(), {
        status: 503,
        headers: { 'content-type': 'text/html; charset=utf-8' },
      }),
    ),
};

const worker = new Serwist({
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ request, url, sameOrigin }) =>
        sameOrigin && request.mode === 'navigate' && isSeatPage(url.pathname),
      handler: new NetworkFirst({
        cacheName: SEAT_CACHES.pages,
        networkTimeoutSeconds: PATIENCE_SECONDS,
        plugins: [pagePlugin],
      }),
    },
    {
      // Their names tell their content: one that is here is the right one.
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/_next/static/'),
      handler: new CacheFirst({
        cacheName: SEAT_CACHES.files,
        plugins: [new ExpirationPlugin({ maxEntries: MOST_FILES })],
      }),
    },
  ],
});
worker.addEventListeners();
