import { useState } from 'react';
import type { Asked } from './api';

/** Asks something else; nothing is ever wrong with that. */
export type Ask = (change: (asked: Asked) => Asked) => null;

/** A question being asked, with the ones before it to go back to. */
export function useAsk(first: Asked) {
  const [{ past, asked }, set] = useState<{ past: readonly Asked[]; asked: Asked }>({
    past: [],
    asked: first,
  });
  return {
    asked,
    ask: ((change) => {
      set((s) => ({ past: [...s.past, s.asked].slice(-100), asked: change(s.asked) }));
      return null;
    }) satisfies Ask,
    canUndo: past.length > 0,
    undo: () =>
      set((s) => {
        const before = s.past.at(-1);
        return before ? { past: s.past.slice(0, -1), asked: before } : s;
      }),
  };
}
