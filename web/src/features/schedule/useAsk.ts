import { useState } from 'react';
import type { Asked } from './api';

/** A question being asked, with the ones before it to go back to. */
export function useAsk(first: Asked) {
  const [{ past, asked }, set] = useState<{ past: readonly Asked[]; asked: Asked }>({
    past: [],
    asked: first,
  });
  return {
    asked,
    ask: (change: (asked: Asked) => Asked) => {
      set((s) => ({ past: [...s.past, s.asked].slice(-100), asked: change(s.asked) }));
      return null;
    },
    canUndo: past.length > 0,
    undo: () =>
      set((s) => {
        const before = s.past.at(-1);
        return before ? { past: s.past.slice(0, -1), asked: before } : s;
      }),
  };
}
