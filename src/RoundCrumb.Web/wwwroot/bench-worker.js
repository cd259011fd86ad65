// What a bench needs to be opened again while the kitchen computer does not answer: its page as it was last seen, and what belongs to it.
// The kitchen computer is always asked first.

const kept = 'roundcrumb-bench';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  const isLive = url.pathname.startsWith('/api/') || url.searchParams.has('handler');
  if (event.request.method !== 'GET' || url.origin !== self.location.origin || isLive) return;
  event.respondWith(answer(event.request));
});

async function answer(request) {
  try {
    return await fetch(request);
  } catch (trouble) {
    const known = await caches.match(request, { ignoreVary: true, cacheName: kept });
    if (known) return known;
    throw trouble;
  }
}
