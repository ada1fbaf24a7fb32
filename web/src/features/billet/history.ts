import { merge } from './merge';

/**
 * Undo and redo for what is edited on a billet: pure, keeps at least the last 200 edits. What is kept is the
 * edit and not the state, so that undoing takes back one's own edit and nothing that came from elsewhere since.
 */
export interface History<T> {
  readonly past: readonly Edit<T>[];
  readonly present: T;
  readonly future: readonly Edit<T>[];
}

export interface Edit<T> {
  readonly before: T;
  readonly after: T;
}

const MOST_KEPT = 200;

export const begin = <T>(present: T): History<T> => ({ past: [], present, future: [] });

/** A new state; what was undone before can no longer be redone. */
export function commit<T>(history: History<T>, next: T): History<T> {
  const edit = { before: history.present, after: next };
  return { past: [...history.past, edit].slice(-MOST_KEPT), present: next, future: [] };
}

/** The present as it was stored, which may be worded a little differently than it was sent. */
export function stored<T>(history: History<T>, present: T): History<T> {
  const last = history.past.at(-1);
  return last?.after === history.present
    ? { ...history, past: [...history.past.slice(0, -1), { ...last, after: present }], present }
    : { ...history, present };
}

/** One edit back; the same history where there is none, null where the same place was changed since. */
export function undo<T>(history: History<T>): History<T> | null {
  const edit = history.past.at(-1);
  if (!edit) return history;
  const present = merge(edit.after, edit.before, history.present);
  return present === null
    ? null
    : { past: history.past.slice(0, -1), present, future: [edit, ...history.future] };
}

/** One edit forward; the same history where there is none, null where the same place was changed since. */
export function redo<T>(history: History<T>): History<T> | null {
  const edit = history.future[0];
  if (!edit) return history;
  const present = merge(edit.before, edit.after, history.present);
  return present === null
    ? null
    : { past: [...history.past, edit], present, future: history.future.slice(1) };
}
