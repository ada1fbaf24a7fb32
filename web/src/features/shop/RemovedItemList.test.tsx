import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answeredBy } from '../../lib/standIn';
import { RemovedItemList } from './RemovedItemList';

const BILLET = {
  kind: 'BILLET',
  id: '7',
  what: 'Froe',
  where: 'for the yard',
  sizesMm: [],
  at: '2026-02-10T09:00:00Z',
};
const BAR = { kind: 'BAR', id: '3', what: '1084', where: '', sizesMm: [38, 3, 900], at: null };

/** Answers with the list, which loses what was restored. */
function shop(things: readonly { id: string }[]) {
  let left = things;
  const sent: string[] = [];
  vi.stubGlobal(
    'fetch',
    answeredBy((path) => {
      if (path === '/api/v1/removed-items') return Promise.resolve(Response.json(left));
      sent.push(path);
      left = left.filter((t) => !path.includes(`/${t.id}/`));
      return Promise.resolve(new Response(null, { status: 204 }));
    }),
  );
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <RemovedItemList />
    </QueryClientProvider>,
  );
  return sent;
}

afterEach(() => vi.unstubAllGlobals());

describe('what was archived and deleted', () => {
  it('stands in a list, and comes back by the way of its kind', async () => {
    const sent = shop([BILLET, BAR]);
    const froe = (await screen.findByText('Froe')).closest('li') as HTMLElement;
    expect(froe).toHaveTextContent('for the yard');
    await userEvent.click(within(froe).getByRole('button', { name: 'Restore Froe' }));
    await waitFor(() => expect(screen.queryByText('Froe')).toBeNull());
    expect(sent).toEqual(['/api/v1/billets/7/restore']);
    await userEvent.click(screen.getByRole('button', { name: 'Restore 1084' }));
    await waitFor(() => expect(screen.getByText(/^Empty\./)).toBeVisible());
    expect(sent.at(-1)).toBe('/api/v1/stock/3/restore');
  });

  it('shows the first ten, and all when asked', async () => {
    shop(Array.from({ length: 14 }, (_, i) => ({ ...BILLET, id: String(i), what: `Billet ${i}` })));
    await screen.findByText('Billet 0');
    expect(screen.queryByText('Billet 13')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Show the other 4' }));
    expect(screen.getByText('Billet 13')).toBeVisible();
  });
});
