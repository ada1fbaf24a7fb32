import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Act, Entry } from './api';
import { setPerson } from '../../lib/person';
import { answeredBy } from '../../lib/standIn';
import { drain, letGo, put, refused, snapshot, waiting } from './outbox';

const entry = (id: string, act: Act = 'IN'): Entry => ({
  id,
  kind: 'DEED',
  place: 0,
  act,
  note: '',
  doneAt: '2026-03-02T08:00:00Z',
  device: 'd',
});

const answer = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });
const sent = (call: unknown[]) =>
  (JSON.parse((call[1] as { body: string }).body) as { entries: Entry[] }).entries.map((e) => e.id);

describe('entries that wait', () => {
  const fetching = vi.fn();

  beforeEach(() => {
    vi.useFakeTimers();
    localStorage.clear();
    fetching.mockReset();
    vi.stubGlobal('fetch', answeredBy(fetching));
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const keeping = () =>
    fetching.mockImplementation((_: string, init: { body: string }) =>
      Promise.resolve(answer(200, { kept: sent([null, init]) })),
    );

  it('stand in the browser before they are sent, and go when they are on disk', async () => {
    keeping();
    put(3, entry('a'));
    expect(localStorage.getItem('geminal.fire.3.a')).toContain('"act":"IN"');
    await vi.waitFor(() => expect(waiting()).toEqual([]));
    expect(fetching.mock.calls[0]?.[0]).toBe('/api/v1/forge-sessions/3/entries');
  });

  it('wait as long as nobody answers, and go in their order when somebody does', async () => {
    fetching.mockRejectedValue(new TypeError('offline'));
    put(3, entry('a'));
    put(3, entry('b', 'OUT'));
    put(4, entry('c'));
    await vi.advanceTimersByTimeAsync(30_000);
    expect(waiting().map((w) => w.entry.id)).toEqual(['a', 'b', 'c']);
    fetching.mockClear();
    keeping();
    await vi.advanceTimersByTimeAsync(2500);
    expect(waiting()).toEqual([]);
    expect(fetching.mock.calls.map(sent)).toEqual([['a', 'b'], ['c']]);
  });

  it('are sent again when a request is never answered', async () => {
    fetching.mockImplementationOnce(
      (_: string, { signal }: { signal: AbortSignal }) =>
        new Promise((_resolve, reject) => {
          signal.addEventListener('abort', () => reject(new DOMException('given up', 'AbortError')));
        }),
    );
    put(3, entry('a'));
    await vi.advanceTimersByTimeAsync(9000);
    expect(waiting()).toHaveLength(1);
    keeping();
    await vi.advanceTimersByTimeAsync(4000);
    expect(waiting()).toEqual([]);
  });

  it('are sent again when the answer was lost', async () => {
    fetching.mockResolvedValueOnce(answer(503, { detail: 'away' }));
    put(3, entry('a'));
    await vi.advanceTimersByTimeAsync(100);
    expect(waiting()).toHaveLength(1);
    keeping();
    await vi.advanceTimersByTimeAsync(2500);
    expect(waiting()).toEqual([]);
    expect(fetching.mock.calls.map(sent)).toEqual([['a'], ['a']]);
  });

  it('that cannot be taken do not hold up the others and are not lost', async () => {
    fetching.mockImplementation((_: string, init: { body: string }) => {
      const ids = sent([null, init]);
      const at = ids.indexOf('b');
      return Promise.resolve(
        at === -1
          ? answer(200, { kept: ids })
          : answer(422, { where: `/entries/${at}/act`, detail: 'No such act.' }),
      );
    });
    put(3, entry('a'));
    put(3, entry('b'));
    put(3, entry('c'));
    await vi.advanceTimersByTimeAsync(5000);
    await drain();
    expect(waiting()).toEqual([]);
    expect(refused().map((r) => [r.entry.id, r.why])).toEqual([['b', 'No such act.']]);
    letGo('b');
    expect(refused()).toEqual([]);
  });

  it('survive what somebody else wrote into the browser', () => {
    localStorage.setItem('geminal.fire.3.x', 'not json');
    expect(waiting()).toEqual([]);
  });

  it('belong to their person and go out under no other', async () => {
    setPerson('mara');
    fetching.mockRejectedValue(new TypeError('offline'));
    put(3, entry('a'));
    await vi.advanceTimersByTimeAsync(100);
    fetching.mockClear();
    keeping();
    setPerson('ilse');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(waiting()).toEqual([]);
    expect(fetching).not.toHaveBeenCalled();
    expect(localStorage.getItem('geminal.fire.3.a')).not.toBeNull();
    setPerson('mara');
    await vi.advanceTimersByTimeAsync(2500);
    expect(fetching.mock.calls.map(sent)).toEqual([['a']]);
    expect(localStorage.getItem('geminal.fire.3.a')).toBeNull();
    setPerson(null);
  });

  it('are kept on the page, and said to be, where the browser has no room', async () => {
    fetching.mockRejectedValue(new TypeError('offline'));
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    put(3, entry('a'));
    expect(waiting().map((w) => w.entry.id)).toEqual(['a']);
    expect(snapshot().unsaved).toBe(1);
    full.mockRestore();
    keeping();
    await vi.advanceTimersByTimeAsync(2500);
    expect(waiting()).toEqual([]);
    expect(snapshot().unsaved).toBe(0);
  });
});
