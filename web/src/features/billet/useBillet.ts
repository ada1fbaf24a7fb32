import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { billetQuery, changeBillet, type Billet } from './api';
import { begin, commit, redo, undo, type History } from './history';
import type { Plan } from './plan';

/** What can be edited, and undone, on a billet. */
export interface Doc {
  readonly name: string;
  readonly purpose: string;
  readonly plan: Plan;
}

const docOf = ({ name, purpose, plan }: Billet): Doc => ({ name, purpose, plan });

/** Why the last change is not stored: another window was first, or nobody answered. */
export type Trouble = { readonly problem: Problem; readonly mine: Doc };

/**
 * A billet being edited. Every change is stored at once, one after the other; what is on screen is always
 * what the server has worked through. A change that is refused leaves everything as it was and answers with
 * the problem, for the field to show.
 */
export function useBillet(id: number) {
  const client = useQueryClient();
  const { queryKey } = billetQuery(id);
  const query = useQuery(billetQuery(id));
  const [history, setHistory] = useState<History<Doc> | null>(null);
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const [busy, setBusy] = useState(false);
  const chain = useRef<Promise<unknown>>(Promise.resolve());

  const store = useCallback(
    (edit: (doc: Doc) => Doc | undefined, remember: (h: History<Doc>, next: Doc) => History<Doc>) => {
      const work = chain.current.then(async () => {
        const stored = client.getQueryData<Billet>(queryKey);
        const next = stored && edit(docOf(stored));
        if (!stored || !next) return null;
        setBusy(true);
        try {
          const saved = await changeBillet(id, { version: stored.version, ...next });
          client.setQueryData(queryKey, saved);
          setHistory((h) => remember(h ?? begin(docOf(stored)), docOf(saved)));
          setTrouble(null);
          return null;
        } catch (e) {
          const problem = e instanceof Problem ? e : Problem.offline();
          if (problem.status === 409 || problem.status === 0 || problem.status >= 500) {
            setTrouble({ problem, mine: next });
          }
          return problem;
        } finally {
          setBusy(false);
        }
      });
      chain.current = work;
      return work;
    },
    [client, id, queryKey],
  );

  const change = useCallback((edit: (doc: Doc) => Doc) => store(edit, (h, next) => commit(h, next)), [store]);

  /** Takes what is stored, letting go of what could not be. */
  const takeTheirs = async () => {
    setTrouble(null);
    setHistory(null);
    await query.refetch();
  };

  /** Stores what could not be, on top of what is there now. */
  const keepMine = async () => {
    const mine = trouble?.mine;
    if (!mine) return;
    const now = await query.refetch();
    if (now.data) await change(() => mine);
  };

  return {
    query,
    billet: query.data,
    busy,
    trouble,
    change,
    takeTheirs,
    keepMine,
    canUndo: (history?.past.length ?? 0) > 0,
    canRedo: (history?.future.length ?? 0) > 0,
    undo: () => {
      const back = history && undo(history);
      if (back && back !== history)
        void store(
          () => back.present,
          () => back,
        );
    },
    redo: () => {
      const forth = history && redo(history);
      if (forth && forth !== history)
        void store(
          () => forth.present,
          () => forth,
        );
    },
  };
}
