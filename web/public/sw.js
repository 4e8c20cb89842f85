// Keeps the stove going while the server is away: the page of the stove and of a batch, its files and fonts, and what was last read for
// them. Entries are not its business: they wait in the browser's own store and are sent by the page. Registered by the stove only.
const CACHE = 'kind-ladle:stove:1';
const PAGE = '/stove-page';
const SCREENS = /^\/(?:soups\/[^/]+\/cook|batches(?:\/[^/]+)?)$/;
const READS = /^\/api\/(?:settings|own-foods|pins|prices|devices|portions|batches(?:\/[^/]+)?|soups\/[^/]+(?:\/(?:draft|versions))?)$/;
const FILES = /^\/(?:assets\/|ladle\.svg$)/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

async function fromNetworkFirst(request, key) {
  const cache = await caches.open(CACHE);
  try {
    const response = await fetch(request);
    if (response.ok) await cache.put(key, response.clone());
    return response;
  } catch (error) {
    const kept = await cache.match(key);
    if (kept) return kept;
    throw error;
  }
}

async function fromCacheFirst(request) {
  const cache = await caches.open(CACHE);
  const kept = await cache.match(request.url);
  if (kept) return kept;
  const response = await fetch(request);
  if (response.ok) await cache.put(request.url, response.clone());
  return response;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && SCREENS.test(url.pathname)) event.respondWith(fromNetworkFirst(request, PAGE));
  else if (FILES.test(url.pathname)) event.respondWith(fromCacheFirst(request));
  else if (READS.test(url.pathname) && !request.headers.get('accept')?.includes('text/event-stream')) event.respondWith(fromNetworkFirst(request, url.pathname));
});

// The page tells which files it has used: they are kept, and those of an older page are let go.
self.addEventListener('message', ({ data }) => {
  if (data?.keep === undefined) return;
  const keep = new Set(data.keep);
  caches.open(CACHE).then(async (cache) => {
    for (const request of await cache.keys()) if (FILES.test(new URL(request.url).pathname) && !keep.has(request.url)) await cache.delete(request);
    for (const url of keep) if (!(await cache.match(url))) await cache.add(url).catch(() => undefined);
    if (!(await cache.match(PAGE))) await fetch(data.page).then((response) => response.ok && cache.put(PAGE, response)).catch(() => undefined);
  });
});
