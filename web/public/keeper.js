/*
 * Keeps the page itself in the browser, so that a session at the fire survives a reload while the shop does
 * not answer. Only the page and its parts: what the shop says is never kept here.
 */
const KEPT = 'geminal-page-1';
const PATIENCE_MS = 4000;

async function keepPage() {
  const kept = await caches.open(KEPT);
  const page = await fetch('/fire', { credentials: 'same-origin' });
  const html = await page.clone().text();
  await kept.put('/', page);
  const parts = [...html.matchAll(/(?:src|href)="(\/assets\/[^"]+)"/g)].map((m) => m[1]);
  await Promise.all(parts.map((part) => kept.match(part).then((there) => there ?? kept.add(part))));
}

self.addEventListener('install', (event) => {
  self.skipWaiting();
  event.waitUntil(keepPage());
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n !== KEPT).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  );
});

async function page(request) {
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (answer.ok) return answer;
    throw new Error(String(answer.status));
  } catch {
    return (await caches.match('/')) ?? Response.error();
  }
}

async function part(request) {
  const there = await caches.match(request);
  if (there) return there;
  const answer = await fetch(request);
  if (answer.ok) {
    const copy = answer.clone();
    void caches.open(KEPT).then((kept) => kept.put(request, copy));
  }
  return answer;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin || pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') event.respondWith(page(request));
  else if (pathname.startsWith('/assets/')) event.respondWith(part(request));
});
