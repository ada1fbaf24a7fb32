import { QueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { quiet, refusal, standIn, within, type Sent } from '../../lib/standIn';
import { useBillet, type Doc } from './useBillet';

interface Stored {
  readonly version: number;
  readonly name: string;
  readonly purpose: string;
  readonly plan: { readonly steps: readonly { readonly key: string; readonly pieces: number }[] };
}

const FROE: Stored = {
  version: 1,
  name: 'Froe',
  purpose: 'for the yard',
  plan: { steps: [{ key: 'a', pieces: 4 }] },
};

/** A billet as the server keeps it: takes what is based on its newest version, refuses everything else. */
function billet(first: Stored = FROE) {
  let now = first;
  const put = (sent: Sent) => {
    const { version, ...doc } = sent.body as Stored;
    if (version !== now.version) return refusal(409, 'It was changed in another window.');
    now = { ...doc, version: version + 1 };
    return Response.json(now);
  };
  const shop = standIn({ 'GET /api/v1/billets/7': () => Response.json(now), 'PUT /api/v1/billets/7': put });
  const client = new QueryClient(quiet);
  const { result } = renderHook(() => useBillet(7), {
    wrapper: ({ children }) => within(children, client),
  });
  return {
    shop,
    hook: result,
    put,
    now: () => now,
    /** Another window is first. */
    elsewhere: (edit: (stored: Stored) => Stored) => (now = { ...edit(now), version: now.version + 1 }),
    ready: () => waitFor(() => expect(result.current.billet).toBeDefined()),
  };
}

const renamed = (name: string) => (doc: Doc) => ({ ...doc, name });
const described = (purpose: string) => (doc: Doc) => ({ ...doc, purpose });

afterEach(() => vi.unstubAllGlobals());

describe('a billet being edited', () => {
  it('stores every change at once, on the version it was based on', async () => {
    const b = billet();
    await b.ready();
    await act(async () => {
      await Promise.all([
        b.hook.current.change(renamed('Adze')),
        b.hook.current.change(renamed('Drawknife')),
      ]);
    });
    expect(b.shop.changes().map((s) => (s.body as Stored).version)).toEqual([1, 2]);
    expect(b.hook.current.billet?.name).toBe('Drawknife');
    expect(b.hook.current.canUndo).toBe(true);
  });

  it('asks before the page is left while a change is on its way, and only then', async () => {
    const b = billet();
    await b.ready();
    const left = () => {
      const leaving = new Event('beforeunload', { cancelable: true });
      window.dispatchEvent(leaving);
      return !leaving.defaultPrevented;
    };
    expect(left()).toBe(true);
    let answer: () => void = () => undefined;
    b.shop.answers(
      'PUT /api/v1/billets/7',
      (sent: Sent) => new Promise<Response>((done) => (answer = () => done(b.put(sent)))),
    );
    let change: Promise<unknown> = Promise.resolve();
    await act(async () => {
      change = b.hook.current.change(renamed('Adze'));
      await waitFor(() => expect(b.shop.changes()).toHaveLength(1));
    });
    expect(left()).toBe(false);
    await act(async () => {
      answer();
      await change;
    });
    expect(left()).toBe(true);
  });

  it('sends nothing for a change that changes nothing', async () => {
    const b = billet();
    await b.ready();
    await act(() => b.hook.current.change((doc) => doc));
    expect(b.shop.changes()).toEqual([]);
    expect(b.hook.current.canUndo).toBe(false);
  });

  it('leaves everything as it was where a change is refused, and says why', async () => {
    const b = billet();
    await b.ready();
    b.shop.answers('PUT /api/v1/billets/7', () => refusal(422, 'A name is needed.', '/name'));
    let problem: unknown;
    await act(async () => {
      problem = await b.hook.current.change(renamed(''));
    });
    expect(problem).toMatchObject({ status: 422, where: '/name' });
    expect(b.hook.current.billet?.name).toBe('Froe');
    expect(b.hook.current.trouble).toBeNull();
    expect(b.hook.current.canUndo).toBe(false);
  });

  it('takes back its own edit and nothing that came from another window since', async () => {
    const b = billet();
    await b.ready();
    await act(() => b.hook.current.change(renamed('Adze')));
    b.elsewhere((s) => ({ ...s, purpose: 'for the ferry' }));
    await act(() => b.hook.current.query.refetch());
    act(() => b.hook.current.undo());
    await waitFor(() => expect(b.now().name).toBe('Froe'));
    expect(b.now().purpose).toBe('for the ferry');
    act(() => b.hook.current.redo());
    await waitFor(() => expect(b.now().name).toBe('Adze'));
    expect(b.now().purpose).toBe('for the ferry');
  });

  it('says so where an edit can no longer be taken back', async () => {
    const b = billet();
    await b.ready();
    await act(() => b.hook.current.change(renamed('Adze')));
    b.elsewhere((s) => ({ ...s, name: 'Billhook' }));
    await act(() => b.hook.current.query.refetch());
    act(() => b.hook.current.undo());
    await waitFor(() => expect(b.hook.current.refused?.detail).toContain('changed in another window'));
    expect(b.now().name).toBe('Billhook');
  });

  it('is kept as typed when another window was first, to be done again on top of it', async () => {
    const b = billet();
    await b.ready();
    b.elsewhere((s) => ({ ...s, purpose: 'for the ferry' }));
    await act(() => b.hook.current.change(renamed('Adze')));
    expect(b.hook.current.trouble?.problem.status).toBe(409);
    expect(b.now().name).toBe('Froe');
    await act(() => b.hook.current.keepMine());
    expect(b.now()).toMatchObject({ name: 'Adze', purpose: 'for the ferry' });
    expect(b.hook.current.trouble).toBeNull();
  });

  it('or is let go of for what the other window stored', async () => {
    const b = billet();
    await b.ready();
    b.elsewhere(() => ({ ...FROE, name: 'Billhook' }));
    await act(() => b.hook.current.change(renamed('Adze')));
    await act(() => b.hook.current.takeTheirs());
    expect(b.hook.current.billet?.name).toBe('Billhook');
    expect(b.hook.current.trouble).toBeNull();
    expect(b.hook.current.canUndo).toBe(false);
  });

  it('that cannot be sent waits to be sent again', async () => {
    const b = billet();
    await b.ready();
    b.shop.answers('PUT /api/v1/billets/7', () => Promise.reject(new TypeError('no line')));
    await act(() => b.hook.current.change(described('for the mill')));
    expect(b.hook.current.trouble?.problem.status).toBe(0);
    b.shop.answers('PUT /api/v1/billets/7', b.put);
    await act(() => b.hook.current.keepMine());
    expect(b.now().purpose).toBe('for the mill');
  });
});
