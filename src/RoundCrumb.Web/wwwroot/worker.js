// What is needed while the kitchen computer does not answer: the pages that were kept, as they were last seen, with what belongs to them;
// for every other page one that says so. The kitchen computer is always asked first.

const kept = 'roundcrumb-bench';
const ours = 'roundcrumb-offline';
const offline = '/offline';

self.addEventListener('install', (event) => event.waitUntil(keepOffline().then(() => self.skipWaiting())));
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== self.location.origin || url.pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') event.respondWith(page(request));
  else if (request.method === 'GET' && request.destination !== '') event.respondWith(part(request));
});

async function keepOffline() {
  const cache = await caches.open(ours);
  const answer = await fetch(offline);
  if (!answer.ok) return;
  const parts = [...(await answer.clone().text()).matchAll(/(?:href|src)="(\/(?:css|js|lib|fonts)\/[^"]+)"/g)].map((m) => m[1]);
  await cache.addAll([...new Set(parts)]);
  await cache.put(offline, answer);
}

async function part(request) {
  try {
    return await fetch(request);
  } catch (trouble) {
    const known = await caches.match(request, { ignoreVary: true });
    if (known) return known;
    throw trouble;
  }
}

async function page(request) {
  try {
    return await fetch(request);
  } catch (trouble) {
    const isSent = request.method !== 'GET';
    const known = isSent ? null : await caches.match(request, { ignoreVary: true, cacheName: kept });
    if (known) return known;
    const words = await caches.match(offline, { cacheName: ours });
    if (!words) throw trouble;
    const text = (await words.text()).replace('data-sent="no"', `data-sent="${isSent ? 'yes' : 'no'}"`);
    return new Response(text, { status: 503, headers: words.headers });
  }
}
