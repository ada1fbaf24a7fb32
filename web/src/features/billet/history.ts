/** Undo and redo for what is edited on a billet: pure, keeps at least the last 200 states. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
}

const MOST_KEPT = 200;

export const begin = <T>(present: T): History<T> => ({ past: [], present, future: [] });

/** A new state; what was undone before can no longer be redone. */
export function commit<T>(history: History<T>, next: T): History<T> {
  return { past: [...history.past, history.present].slice(-MOST_KEPT), present: next, future: [] };
}

/** One state back; the same history where there is none. */
export function undo<T>(history: History<T>): History<T> {
  const previous = history.past.at(-1);
  return previous === undefined
    ? history
    : { past: history.past.slice(0, -1), present: previous, future: [history.present, ...history.future] };
}

/** One state forward; the same history where there is none. */
export function redo<T>(history: History<T>): History<T> {
  const next = history.future[0];
  return next === undefined
    ? history
    : { past: [...history.past, history.present], present: next, future: history.future.slice(1) };
}
