/*
 * Keeps the page itself in the browser, so that a session at the fire survives a reload while the shop does
 * not answer. Only the page and its parts: what the shop says is never kept here.
 */
const KEPT = 'geminal-page-1';
const PATIENCE_MS = 4000;

/** All parts of a page, those of views that were not opened yet too: the page names them (vite.config.ts). */
const partsOf = (html) => [...new Set(html.match(/\/assets\/[^"\s]+/g) ?? [])];

/**
 * Keeps a page with all its parts. Every release names its parts anew: those of an earlier one go when the
 * page of the later one is whole, never before.
 */
async function keep(page) {
  const kept = await caches.open(KEPT);
  const html = await page.clone().text();
  const before = await (await kept.match('/'))?.text();
  if (html === before) return;
  const parts = partsOf(html);
  await Promise.all(parts.map((part) => kept.match(part).then((there) => there ?? kept.add(part))));
  await kept.put('/', page);
  if (before === undefined) return;
  const stale = (await kept.keys()).filter(({ url }) => {
    const { pathname } = new URL(url);
    return pathname.startsWith('/assets/') && !parts.includes(pathname);
  });
  await Promise.all(stale.map((request) => kept.delete(request)));
}

self.addEventListener('install', (event) => {
  self.skipWaiting();
  event.waitUntil(fetch('/fire', { credentials: 'same-origin' }).then(keep));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n !== KEPT).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  );
});

const isPage = (answer) => answer.ok && (answer.headers.get('Content-Type') ?? '').startsWith('text/html');

async function page(event) {
  try {
    const answer = await fetch(event.request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (!answer.ok) throw new Error(String(answer.status));
    // Every address has the same page; after an update it is a new one, kept for the next time offline.
    // When the line breaks meanwhile, the page that is kept stays whole.
    if (isPage(answer)) event.waitUntil(keep(answer.clone()).catch(() => undefined));
    return answer;
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
  if (request.mode === 'navigate') event.respondWith(page(event));
  else if (pathname.startsWith('/assets/')) event.respondWith(part(request));
});
