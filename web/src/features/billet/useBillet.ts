import * as texts from 'texts/billet/useBillet';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { putStored, useInTurn } from '../../lib/inTurn';
import { billetQuery, changeBillet, type Billet } from './api';
import { begin, commit, redo, stored as asStored, undo, type History } from './history';
import type { Plan } from './plan';

/** What can be edited, and undone, on a billet. */
export interface Doc {
  readonly name: string;
  readonly purpose: string;
  readonly plan: Plan;
}

const docOf = ({ name, purpose, plan }: Billet): Doc => ({ name, purpose, plan });

/** Why the last change is not stored: another window was first, or no one answered. */
export interface Trouble {
  readonly problem: Problem;
  readonly step: Step;
}

/**
 * From the history as it is by then to the one wanted; the same one where there is nothing to do, null where an
 * edit can no longer be taken back or done again.
 */
type Step = (history: History<Doc>) => History<Doc> | null;

const ELSEWHERE = new Problem(
  409,
  texts.thisCannotBeUndone,
  texts.theSamePlaceWasChangedIn,
  '',
  texts.changeItByHand,
);

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
  const [refused, setRefused] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const inTurn = useInTurn();
  const latest = useRef<History<Doc> | null>(null);

  // The person who leaves the page while a change is on its way would lose it; the browser asks.
  useEffect(() => {
    if (!busy) return;
    const ask = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [busy]);

  const remember = useCallback((next: History<Doc> | null) => {
    latest.current = next;
    setHistory(next);
  }, []);

  const store = useCallback(
    (step: Step): Promise<Problem | null> =>
      inTurn(async () => {
        const stored = client.getQueryData<Billet>(queryKey);
        if (!stored) return null;
        const before = { ...(latest.current ?? begin(docOf(stored))), present: docOf(stored) };
        const next = step(before);
        setRefused(next === null ? ELSEWHERE : null);
        if (next === null) return ELSEWHERE;
        if (next === before) return null;
        setBusy(true);
        try {
          const saved = await changeBillet(id, { version: stored.version, ...next.present });
          await putStored(client, queryKey, saved);
          remember(asStored(next, docOf(saved)));
          setTrouble(null);
          return null;
        } catch (e) {
          const problem = Problem.from(e);
          if (isNotStored(problem)) setTrouble({ problem, step });
          return problem;
        } finally {
          setBusy(false);
        }
      }),
    [client, id, inTurn, queryKey, remember],
  );

  const change = useCallback(
    (edit: (doc: Doc) => Doc) =>
      store((h) => {
        const next = edit(h.present);
        return next === h.present ? h : commit(h, next);
      }),
    [store],
  );

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
    /** Why the last undo or redo did nothing. */
    refused,
    change,
    takeTheirs,
    keepMine,
    canUndo: (history?.past.length ?? 0) > 0,
    canRedo: (history?.future.length ?? 0) > 0,
    undo: () => void store(undo),
    redo: () => void store(redo),
  };
}

/** Whether the fault is not in what was typed: another window was first, no one answered, the server broke. */
export const isNotStored = (problem: Problem) =>
  problem.status === 409 || problem.status === 0 || problem.status >= 500;
