/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { ANSWERS, ASKED_BY_ALL, isKeptAnswer, KEPT_HEADER } from './app/server/keptAnswer';
import { serverFirst } from './app/server/serverFirst';

/**
 * Keeps the house open while its server is away: every part of the interface is fetched in the background once a page stands, and
 * what the server last answered of the classes and movements is kept on this machine. Wherever the server answers, its answer goes
 * first, so that neither an old build nor an old class hides a new one.
 */

declare const self: ServiceWorkerGlobalScope & { readonly __WB_MANIFEST: Parameters<typeof precacheAndRoute>[0] };

const FACES = 'vesperum-faces';

void self.skipWaiting();
clientsClaim();

// Pages are not answered from here: only what they load, whose names change with its content.
precacheAndRoute(self.__WB_MANIFEST, { directoryIndex: '', cleanURLs: false });

registerRoute(
  new NavigationRoute(
    ({ request }) =>
      serverFirst(
        () => fetch(request),
        () => matchPrecache('/index.html'),
      ),
    {
      denylist: [/^\/api\//],
    },
  ),
);

/** The same answer, marked as one that this machine had kept. */
const asKept = async (answer: Response): Promise<Response> =>
  new Response(await answer.arrayBuffer(), {
    status: answer.status,
    headers: { 'content-type': answer.headers.get('content-type') ?? 'application/json', [KEPT_HEADER]: 'yes' },
  });

// What every page asks for is at hand before it is asked for.
self.addEventListener('activate', (event) => {
  const keepAll = async () => {
    const answers = await caches.open(ANSWERS);
    await Promise.allSettled(ASKED_BY_ALL.map((path) => answers.add(path)));
  };
  event.waitUntil(keepAll());
});

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && isKeptAnswer(url.pathname),
  async ({ request, event }) => {
    const keep = async (answer: Response) => {
      const answers = await caches.open(ANSWERS);
      if (answer.ok) await answers.put(request, answer);
      else if (answer.status === 404) await answers.delete(request);
    };
    const ask = async () => {
      const answer = await fetch(request);
      // It is kept behind the page's back: where the disk is slow, or has no room, the answer is still an answer.
      event.waitUntil(keep(answer.clone()).catch(() => undefined));
      return answer;
    };
    const kept = async () => {
      const answer = await (await caches.open(ANSWERS)).match(request);
      return answer && asKept(answer);
    };
    return serverFirst(ask, kept);
  },
);

// Faces of the Chinese names come in many small files; those that were seen once are kept.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/assets\/.*\.woff2$/.test(url.pathname),
  async ({ request }) => {
    const faces = await caches.open(FACES);
    const kept = await faces.match(request);
    if (kept) return kept;
    const face = await fetch(request);
    if (face.ok) await faces.put(request, face.clone()).catch(() => undefined);
    return face;
  },
);
