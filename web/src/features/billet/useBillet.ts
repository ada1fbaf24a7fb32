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
export interface Trouble {
  readonly problem: Problem;
  readonly step: Step;
}

/** From the history as it is by then to the one wanted; the same one where there is nothing to do. */
type Step = (history: History<Doc>) => History<Doc>;

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
  const latest = useRef<History<Doc> | null>(null);

  const remember = useCallback((next: History<Doc> | null) => {
    latest.current = next;
    setHistory(next);
  }, []);

  const store = useCallback(
    (step: Step): Promise<Problem | null> => {
      const work = chain.current.then(async () => {
        const stored = client.getQueryData<Billet>(queryKey);
        if (!stored) return null;
        const before = { ...(latest.current ?? begin(docOf(stored))), present: docOf(stored) };
        const next = step(before);
        if (next === before) return null;
        setBusy(true);
        try {
          const saved = await changeBillet(id, { version: stored.version, ...next.present });
          client.setQueryData(queryKey, saved);
          remember({ ...next, present: docOf(saved) });
          setTrouble(null);
          return null;
        } catch (e) {
          const problem = Problem.from(e);
          if (isNotStored(problem)) setTrouble({ problem, step });
          return problem;
        } finally {
          setBusy(false);
        }
      });
      chain.current = work;
      return work;
    },
    [client, id, queryKey, remember],
  );

  const change = useCallback((edit: (doc: Doc) => Doc) => store((h) => commit(h, edit(h.present))), [store]);

  /** Takes what is stored, letting go of what could not be. */
  const takeTheirs = async () => {
    setTrouble(null);
    remember(null);
    await query.refetch();
  };

  /** Does again what could not be stored, on top of what is there now. */
  const keepMine = async () => {
    const step = trouble?.step;
    if (!step) return;
    const now = await query.refetch();
    if (now.data) await store(step);
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
    undo: () => void store(undo),
    redo: () => void store(redo),
  };
}

/** Whether the fault is not in what was typed: another window was first, nobody answered, the server broke. */
export const isNotStored = (problem: Problem) =>
  problem.status === 409 || problem.status === 0 || problem.status >= 500;
