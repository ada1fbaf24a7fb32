import type { QueryClient, QueryKey } from '@tanstack/react-query';
import { useCallback, useRef } from 'react';

/** Does work one after the other, in the order it is asked for, and answers with what each comes to. */
export function useInTurn() {
  const last = useRef<Promise<unknown>>(Promise.resolve());
  return useCallback(<T>(work: () => Promise<T>): Promise<T> => {
    const mine = last.current.then(work);
    last.current = mine.catch(() => undefined);
    return mine;
  }, []);
}

/** Puts in what was just stored: what was asked for before that must not come after it. */
export async function putStored(client: QueryClient, queryKey: QueryKey, stored: unknown) {
  await client.cancelQueries({ queryKey, exact: true });
  client.setQueryData(queryKey, stored);
}
