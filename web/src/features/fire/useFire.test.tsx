import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { setPerson } from '../../lib/person';
import { standIn, type Sent } from '../../lib/standIn';
import type { Entry, SessionEvent, Whole } from './api';
import { waiting } from './outbox';
import { useFire } from './useFire';

const NOW = {
  event: 'now',
  second: 12,
  speed: 1,
  forge: { value: 1180, state: 'GOOD', words: 'good', good: true },
  press: { value: 0, state: 'GOOD', words: 'good', good: true },
  chamberC: 1180,
  setC: null,
  flame: null,
  billets: [],
  order: [],
  ended: false,
} as const satisfies SessionEvent;

const whole = (more: Partial<Whole> = {}): Whole => ({
  event: 'whole',
  id: 7,
  now: '2026-03-02T08:00:10Z',
  startedAt: '2026-03-02T08:00:00Z',
  endedAt: null,
  rehearsal: false,
  drill: null,
  billets: [],
  entries: [],
  seq: 0,
  forge: [],
  press: [],
  histories: [],
  at: NOW,
  reviewNotes: [],
  ...more,
});

/** The line of a session, which a test speaks on and cuts. */
class Line {
  private controller: ReadableStreamDefaultController<Uint8Array> | null = null;
  calls = 0;

  answer = ({ signal }: Sent): Promise<Response> => {
    this.calls++;
    signal.addEventListener('abort', () => this.cut());
    return Promise.resolve(
      new Response(
        new ReadableStream<Uint8Array>({
          start: (controller) => {
            this.controller = controller;
          },
        }),
      ),
    );
  };

  says(what: SessionEvent | null) {
    this.controller?.enqueue(new TextEncoder().encode(what === null ? '\n' : `${JSON.stringify(what)}\n`));
  }

  cut() {
    this.controller?.error(new TypeError('cut'));
  }
}

const kept = (sent: { body: unknown }) =>
  Promise.resolve(Response.json({ kept: (sent.body as { entries: Entry[] }).entries.map((e) => e.id) }));

function followed(stream: unknown = null) {
  const line = new Line();
  const shop = standIn({
    'GET /api/v1/forge-sessions/7/stream': stream ?? line.answer,
    'POST /api/v1/forge-sessions/7/entries': kept,
    'GET /api/v1/session': { units: { system: 'METRIC', chosen: {} } },
  });
  const { result, unmount } = renderHook(() => useFire(7));
  return { line, shop, hook: result, unmount };
}

beforeEach(() => {
  localStorage.clear();
  setPerson('wharf');
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('a session that is followed', () => {
  it('is shown as it is told, and goes on with what is told next', async () => {
    const { line, hook } = followed();
    await waitFor(() => expect(line.calls).toBe(1));
    line.says(whole());
    await waitFor(() => expect(hook.current.seen?.now.second).toBe(12));
    expect(hook.current.online).toBe(true);
    line.says({ ...NOW, second: 13 });
    await waitFor(() => expect(hook.current.seen?.now.second).toBe(13));
    expect(hook.current.seen?.forge).toEqual([{ second: 13, figure: 1180 }]);
  });

  it('is asked for again when its line is cut', async () => {
    const { line, hook } = followed();
    await waitFor(() => expect(line.calls).toBe(1));
    line.says(whole());
    await waitFor(() => expect(hook.current.online).toBe(true));
    line.cut();
    await waitFor(() => expect(hook.current.online).toBe(false));
    await waitFor(() => expect(line.calls).toBe(2), { timeout: 3000 });
    line.says(whole({ entries: [] }));
    await waitFor(() => expect(hook.current.online).toBe(true));
  });

  it('is asked for again when its line says nothing for too long', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const { line, hook } = followed();
    await waitFor(() => expect(line.calls).toBe(1));
    line.says(null);
    await waitFor(() => expect(hook.current.online).toBe(true));
    await act(() => vi.advanceTimersByTimeAsync(20_000));
    expect(line.calls).toBeGreaterThan(1);
  });

  it('that is not there is said and not asked for again', async () => {
    let calls = 0;
    const { hook } = followed(() => {
      calls++;
      return Promise.resolve(Response.json({}, { status: 404 }));
    });
    await waitFor(() => expect(hook.current.missing).toBe(true));
    await new Promise((done) => setTimeout(done, 700));
    expect(calls).toBe(1);
  });

  it('whose sign-in has ended says so', async () => {
    const { hook } = followed(() => Promise.resolve(Response.json({}, { status: 401 })));
    await waitFor(() => expect(hook.current.expired).toBe(true));
    expect(hook.current.online).toBe(false);
  });

  it('is there after the page was loaded again without the shop', async () => {
    const first = followed();
    await waitFor(() => expect(first.line.calls).toBe(1));
    first.line.says(whole());
    await waitFor(() => expect(first.hook.current.seen).not.toBeNull());
    first.unmount();
    const { hook } = followed(() => Promise.reject(new TypeError('no line')));
    expect(hook.current.seen?.whole.id).toBe(7);
    expect(hook.current.online).toBe(false);
  });
});

describe('a tap', () => {
  it('stands in the log at once, goes out, and is not shown twice when it is told', async () => {
    const { line, shop, hook } = followed();
    await waitFor(() => expect(line.calls).toBe(1));
    line.says(whole());
    await waitFor(() => expect(hook.current.online).toBe(true));
    act(() => hook.current.tap('IN', 0));
    expect(hook.current.log.map((e) => e.act)).toEqual(['IN']);
    await waitFor(() => expect(shop.changes()).toHaveLength(1));
    const [entry] = (shop.changes()[0]?.body as { entries: Entry[] }).entries;
    expect(entry).toMatchObject({ kind: 'DEED', act: 'IN', place: 0 });
    line.says({
      event: 'entries',
      entries: [{ about: null, figure: null, ...(entry as Entry), act: 'IN', seq: 1, atS: 1, madeBy: 'M' }],
      seq: 1,
    });
    await waitFor(() => expect(hook.current.seen?.entries).toHaveLength(1));
    expect(hook.current.log).toHaveLength(1);
    expect(hook.current.unsent).toBe(0);
  });

  it('is dated by the clock of the shop, not of the screen', async () => {
    const { line, shop, hook } = followed();
    await waitFor(() => expect(line.calls).toBe(1));
    const ahead = 3_600_000;
    line.says(whole({ now: new Date(Date.now() + ahead).toISOString() }));
    await waitFor(() => expect(hook.current.online).toBe(true));
    act(() => hook.current.tap('OUT', 0));
    await waitFor(() => expect(shop.changes()).toHaveLength(1));
    const [entry] = (shop.changes()[0]?.body as { entries: Entry[] }).entries;
    const off = Date.parse((entry as Entry).doneAt) - Date.now() - ahead;
    expect(Math.abs(off)).toBeLessThan(2000);
  });

  it('waits while there is no line, and one taken back is not among what waits', async () => {
    const { hook, shop } = followed(() => Promise.reject(new TypeError('no line')));
    shop.answers('POST /api/v1/forge-sessions/7/entries', () => Promise.reject(new TypeError('no line')));
    act(() => hook.current.tap('IN', 0));
    act(() => hook.current.tap('OUT', 0));
    await waitFor(() => expect(hook.current.unsent).toBe(2));
    act(() => {
      expect(hook.current.undo(0)).toMatchObject({ act: 'OUT' });
    });
    await waitFor(() => expect(hook.current.unsent).toBe(3));
    expect(hook.current.waiting.filter((e) => e.kind === 'DEED').map((e) => e.act)).toEqual(['IN']);
    expect(waiting()).toHaveLength(3);
  });
});
