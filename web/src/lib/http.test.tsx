import { afterEach, describe, expect, it, vi } from 'vitest';
import { answered, api, apiAtOnce, asItIs, eachLine, everyPage, once, Problem, setTokenCookie } from './http';
import { refusal, standIn, type Sent } from './standIn';

/** A body that comes in the pieces it is given in. */
function inPieces(...pieces: readonly string[]): Response {
  const encoder = new TextEncoder();
  return new Response(
    new ReadableStream({
      start(controller) {
        pieces.forEach((p) => controller.enqueue(encoder.encode(p)));
        controller.close();
      },
    }),
  );
}

/** The same, cut anywhere, also inside a letter of several bytes. */
function inBytes(text: string, ...cuts: readonly number[]): Response {
  const bytes = new TextEncoder().encode(text);
  return new Response(
    new ReadableStream({
      start(controller) {
        [0, ...cuts].forEach((from, i) => controller.enqueue(bytes.slice(from, cuts[i] ?? bytes.length)));
        controller.close();
      },
    }),
  );
}

const nothing = new AbortController().signal;

afterEach(() => {
  vi.unstubAllGlobals();
  document.cookie = 'XSRF-TOKEN=; max-age=0';
});

describe('an answer that comes line by line', () => {
  const lines = async (answer: Response) => {
    standIn({ 'POST /api/v1/schedules': () => answer });
    const read: unknown[] = [];
    await eachLine(
      api.POST('/api/v1/schedules', { body: {} as never, parseAs: 'stream', signal: nothing }),
      (line) => read.push(line),
    );
    return read;
  };

  it('is handed over as whole lines, wherever it was cut on its way', async () => {
    expect(await lines(inPieces('{"a":1}\n{"a"', ':2}\n', '{"a":3}\n'))).toEqual([
      { a: 1 },
      { a: 2 },
      { a: 3 },
    ]);
  });

  it('may be cut inside a letter', async () => {
    const text = '{"a":"½ µm"}\n';
    for (let cut = 1; cut < new TextEncoder().encode(text).length; cut++) {
      expect(await lines(inBytes(text, cut))).toEqual([{ a: '½ µm' }]);
    }
  });

  it('leaves a last line that is not whole', async () => {
    expect(await lines(inPieces('{"a":1}\n{"a":2'))).toEqual([{ a: 1 }]);
  });

  it('that is refused is a problem', async () => {
    await expect(lines(refusal(422, 'Too many layers.', '/count'))).rejects.toMatchObject({
      status: 422,
      where: '/count',
      detail: 'Too many layers.',
    });
  });

  it('says with an empty line that it still stands', async () => {
    standIn({ 'GET /api/v1/forge-sessions/1/stream': () => inPieces('\n', '{"event":"now"}\n', '\n') });
    const read: unknown[] = [];
    let heard = 0;
    await eachLine(
      apiAtOnce.GET('/api/v1/forge-sessions/{id}/stream', { params: { path: { id: 1 } }, parseAs: 'stream' }),
      (line) => read.push(line),
      () => heard++,
    );
    expect(read).toEqual([{ event: 'now' }]);
    expect(heard).toBe(3);
  });
});

describe('a list that comes a page at a time', () => {
  it('is read to its end', async () => {
    const shop = standIn({
      'GET /api/v1/book': ({ path }: Sent) =>
        path.includes('after')
          ? Response.json([{ id: 3 }])
          : new Response('[{"id":1},{"id":2}]', {
              headers: {
                'Content-Type': 'application/json',
                Link: '</api/v1/book?limit=2&after=17.2>; rel="next"',
              },
            }),
    });
    const all = await everyPage((query) => api.GET('/api/v1/book', { params: { query } }));
    expect(all.map((w) => w.id)).toEqual([1, 2, 3]);
    expect(shop.sent.map((s) => s.path)).toEqual(['/api/v1/book', '/api/v1/book?after=17.2']);
  });
});

describe('a request', () => {
  it('that changes something carries the token against forged forms, and its own id', async () => {
    document.cookie = 'XSRF-TOKEN=a%3Db';
    const shop = standIn({ 'PUT /api/v1/shop': { version: 2 } });
    const answer = await answered(
      api.PUT('/api/v1/shop', { body: { version: 1 } as never, headers: once('an-id') }),
    );
    expect(answer).toEqual({ version: 2 });
    expect(shop.sent[0]).toMatchObject({
      body: { version: 1 },
      headers: { 'x-xsrf-token': 'a=b', 'request-id': 'an-id', 'content-type': 'application/json' },
    });
  });

  it('takes the token of its own shop where another one on this machine has one too', async () => {
    document.cookie = 'XSRF-TOKEN=of-the-other';
    document.cookie = 'XSRF-TOKEN-8421=of-this-one';
    setTokenCookie('XSRF-TOKEN-8421');
    const shop = standIn({ 'PUT /api/v1/shop': { version: 2 } });
    await answered(api.PUT('/api/v1/shop', { body: { version: 1 } as never }));
    expect(shop.sent[0]).toMatchObject({ headers: { 'x-xsrf-token': 'of-this-one' } });
    setTokenCookie('XSRF-TOKEN');
  });

  it('without an answer to read gives none', async () => {
    standIn({ 'POST /api/v1/welds/1/delete': () => new Response(null, { status: 204 }) });
    await expect(
      answered(api.POST('/api/v1/welds/{id}/delete', { params: { path: { id: 1 } } })),
    ).resolves.toBeUndefined();
  });

  it('of text keeps its type', async () => {
    const shop = standIn({ 'POST /api/v1/forge-sessions/1/readings': { lines: 1 } });
    await api.POST('/api/v1/forge-sessions/{id}/readings', {
      params: { path: { id: 1 } },
      body: 'at,channel',
      ...asItIs('text/csv'),
    });
    expect(shop.sent[0]).toMatchObject({ body: 'at,channel', headers: { 'content-type': 'text/csv' } });
  });

  it('nobody answers is no connection, and says that nothing is lost', async () => {
    standIn({ 'GET /api/v1/billets': () => Promise.reject(new TypeError('no line')) });
    await expect(answered(api.GET('/api/v1/billets'))).rejects.toMatchObject({
      status: 0,
      title: 'No connection',
    });
    expect(Problem.from(new TypeError('x')).remedy).toContain('still here');
  });

  it('refused with figures has them for the reader to see in units of their own', async () => {
    standIn({
      'GET /api/v1/billets': () =>
        Response.json(
          {
            detail: 'Less than 38.1 mm at 1260 °C, 218 kN.',
            words: 'Less than {0} at {1}, {2}.',
            figures: [
              { quantity: 'length', value: 38.1, unit: 'mm' },
              { quantity: 'temperature', value: 1260, unit: 'C' },
              { quantity: 'force', value: 218, unit: 'kN' },
            ],
          },
          { status: 422 },
        ),
    });
    await expect(answered(api.GET('/api/v1/billets'))).rejects.toMatchObject({
      detail: 'Less than [[mm 38.1]] at [[C 1260]], [[kN 218]].',
    });
  });

  it('refused without a word is a problem all the same', async () => {
    standIn({
      'GET /api/v1/billets': () => new Response('<html>', { status: 502, statusText: 'Bad Gateway' }),
    });
    await expect(answered(api.GET('/api/v1/billets'))).rejects.toMatchObject({
      status: 502,
      title: 'Bad Gateway',
    });
  });
});
