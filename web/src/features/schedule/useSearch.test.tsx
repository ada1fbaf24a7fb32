import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answeredBy } from '../../lib/standIn';
import type { Asked } from './api';
import { useSearch } from './useSearch';

/** An answer that comes in parts, cut anywhere. */
function answering(parts: readonly string[], end = true) {
  const encoder = new TextEncoder();
  return vi.fn((_path: string, init: RequestInit) =>
    Promise.resolve(
      new Response(
        new ReadableStream<Uint8Array>({
          start(controller) {
            init.signal?.addEventListener('abort', () => controller.error(new Error('aborted')));
            parts.forEach((p) => controller.enqueue(encoder.encode(p)));
            if (end) controller.close();
          },
        }),
      ),
    ),
  );
}

const CENSUS = { calculated: 1, reaching: 1, keeping: 1, tooThin: 0, ruledOut: [] };
const SEEN = JSON.stringify({ kind: 'seen', done: 1, of: 2, census: CENSUS, ways: [{ words: 'early' }] });
const ENDED = JSON.stringify({
  kind: 'ended',
  how: 'FOUND',
  ways: [{ words: 'late' }],
  census: CENSUS,
  relaxations: [],
  restacksSeen: 6,
});
const ASKED = { count: 300 } as unknown as Asked;

afterEach(() => vi.unstubAllGlobals());

describe('a search', () => {
  it('shows ways as they come, lines cut anywhere, and ends', async () => {
    const lines = `${SEEN}\n${ENDED}\n`;
    vi.stubGlobal(
      'fetch',
      answeredBy(answering([lines.slice(0, 20), lines.slice(20, 140), lines.slice(140)])),
    );
    const { result } = renderHook(() => useSearch(ASKED));
    await waitFor(() => expect(result.current.running).toBe(false));
    expect(result.current.ways.map((w) => w.words)).toEqual(['late']);
    expect(result.current.ends).toBe(1);
  });

  it('is called off, keeps what was found, and can be taken up again', async () => {
    const fetched = answering([`${SEEN}\n`], false);
    vi.stubGlobal('fetch', answeredBy(fetched));
    const { result } = renderHook(() => useSearch(ASKED));
    await waitFor(() => expect(result.current.ways).toHaveLength(1));
    act(() => result.current.cancel());
    expect(result.current).toMatchObject({ running: false, cancelled: true, problem: null });
    expect(fetched.mock.calls[0]?.[1].signal?.aborted).toBe(true);
    act(() => result.current.again());
    await waitFor(() => expect(fetched).toHaveBeenCalledTimes(2));
    expect(result.current.running).toBe(true);
  });

  it('says so when the answer breaks off', async () => {
    vi.stubGlobal('fetch', answeredBy(answering([`${SEEN}\n`])));
    const { result } = renderHook(() => useSearch(ASKED));
    await waitFor(() => expect(result.current.problem?.title).toBe('No connection'));
    expect(result.current.running).toBe(false);
  });
});
