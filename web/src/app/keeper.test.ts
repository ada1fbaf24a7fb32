import { readFileSync } from 'node:fs';
import { runInNewContext } from 'node:vm';
import { beforeEach, describe, expect, it, vi } from 'vitest';

const SHOP = 'http://shop';
const page = (release: string) =>
  `<script src="/assets/index-${release}.js"></script><link href="/assets/index-${release}.css">` +
  `<meta name="geminal-parts" content="/assets/Fire-${release}.js /assets/index-${release}.js">`;

/** What a browser keeps, by path. */
class Cupboard {
  readonly there = new Map<string, string>();

  private path = (what: string | { url: string }) =>
    new URL(typeof what === 'string' ? what : what.url, SHOP).pathname;
  match = (what: string | { url: string }) => {
    const text = this.there.get(this.path(what));
    return Promise.resolve(text === undefined ? undefined : new Response(text));
  };
  put = async (what: string | { url: string }, answer: Response) => {
    this.there.set(this.path(what), await answer.text());
  };
  add = async (what: string) => this.put(what, await fetch(what));
  keys = () => Promise.resolve([...this.there.keys()].map((p) => ({ url: SHOP + p })));
  delete = (what: { url: string }) => Promise.resolve(this.there.delete(this.path(what)));
}

/** The page keeper as a browser runs it, beside a shop that has one release or does not answer. */
function keeper() {
  const cupboard = new Cupboard();
  const heard = new Map<string, (event: unknown) => void>();
  const asked: string[] = [];
  let release: string | null = 'a';
  let broken: string | null = null;
  const fetching = (what: string | { url: string }) => {
    const { pathname } = new URL(typeof what === 'string' ? what : what.url, SHOP);
    asked.push(pathname);
    if (release === null || pathname === broken) return Promise.reject(new TypeError('no line'));
    const isPart = pathname.startsWith('/assets/');
    return Promise.resolve(
      new Response(isPart ? `part ${pathname}` : page(release), {
        headers: { 'Content-Type': isPart ? 'text/javascript' : 'text/html;charset=UTF-8' },
      }),
    );
  };
  vi.stubGlobal('fetch', fetching);
  const self = {
    location: { origin: SHOP },
    skipWaiting: vi.fn(),
    clients: { claim: vi.fn() },
    addEventListener: (name: string, listener: (event: unknown) => void) => heard.set(name, listener),
  };
  const caches = {
    open: () => Promise.resolve(cupboard),
    match: cupboard.match,
    keys: () => Promise.resolve(['geminal-page-1']),
    delete: () => Promise.resolve(true),
  };
  // It is a script of its own, not a module of the page.
  runInNewContext(readFileSync('public/keeper.js', 'utf8'), {
    self,
    caches,
    fetch: fetching,
    AbortSignal,
    Response,
    URL,
  });

  /** Lets something happen to it and waits for all it set going; its answer, if it gave one. */
  const happens = async (name: string, request?: { url: string; method?: string; mode?: string }) => {
    const going: Promise<unknown>[] = [];
    let answer: Promise<Response> | undefined;
    heard.get(name)?.({
      request: request && { method: 'GET', mode: 'cors', ...request, url: SHOP + request.url },
      waitUntil: (p: Promise<unknown>) => going.push(p),
      respondWith: (p: Promise<Response>) => (answer = p),
    });
    const said = await answer;
    await Promise.all(going);
    return said;
  };
  return {
    cupboard,
    asked,
    install: () => happens('install'),
    visit: (url = '/rack') => happens('fetch', { url, mode: 'navigate' }),
    part: (url: string) => happens('fetch', { url }),
    shopHas: (next: string | null) => (release = next),
    breaks: (path: string | null) => (broken = path),
  };
}

describe('the page keeper', () => {
  beforeEach(() => vi.unstubAllGlobals());

  it('keeps the page with its parts, those of views not opened yet too, and shows it while the shop does not answer', async () => {
    const k = keeper();
    await k.install();
    expect([...k.cupboard.there.keys()].sort()).toEqual([
      '/',
      '/assets/Fire-a.js',
      '/assets/index-a.css',
      '/assets/index-a.js',
    ]);
    k.shopHas(null);
    expect(await (await k.visit('/fire/7'))?.text()).toBe(page('a'));
    expect(await (await k.part('/assets/index-a.js'))?.text()).toBe('part /assets/index-a.js');
  });

  it('takes over the page of a new release at the first visit, and lets the old parts go', async () => {
    const k = keeper();
    await k.install();
    await k.part('/assets/Fire-a.js');
    k.shopHas('b');
    await k.visit();
    k.shopHas(null);
    expect(await (await k.visit())?.text()).toBe(page('b'));
    expect([...k.cupboard.there.keys()].sort()).toEqual([
      '/',
      '/assets/Fire-b.js',
      '/assets/index-b.css',
      '/assets/index-b.js',
    ]);
  });

  it('stays with the whole old page when the line breaks in the middle of an update', async () => {
    const k = keeper();
    await k.install();
    k.shopHas('b');
    k.breaks('/assets/index-b.css');
    expect(await (await k.visit())?.text()).toBe(page('b'));
    k.shopHas(null);
    expect(await (await k.visit())?.text()).toBe(page('a'));
    expect(await (await k.part('/assets/index-a.css'))?.text()).toBe('part /assets/index-a.css');
  });

  it('fetches nothing twice while the page stays the same', async () => {
    const k = keeper();
    await k.install();
    const before = k.asked.length;
    await k.visit();
    await k.visit('/fire');
    expect(k.asked.slice(before)).toEqual(['/rack', '/fire']);
  });

  it('leaves what the shop says alone', async () => {
    const k = keeper();
    await k.install();
    expect(await k.part('/api/v1/billets')).toBeUndefined();
    expect(k.cupboard.there.has('/api/v1/billets')).toBe(false);
  });
});
