import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { standIn } from '../../lib/standIn';
import { useWriteEntry } from './useWriteEntry';

afterEach(() => vi.unstubAllGlobals());

describe('an entry that was written', () => {
  it('empties its fields before the lists are read again', async () => {
    standIn({ 'POST /api/v1/billets/1/entries': { id: 7 } });
    const client = new QueryClient();
    const order: string[] = [];
    vi.spyOn(client, 'invalidateQueries').mockImplementation(() => {
      order.push('lists');
      return Promise.resolve();
    });
    const within = ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    );
    const { result } = renderHook(() => useWriteEntry(1, () => order.push('fields')), { wrapper: within });
    result.current.mutate({ says: {} });
    await waitFor(() => expect(order).toEqual(['fields', 'lists', 'lists']));
  });
});
