import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { useInTurn } from '../../lib/inTurn';
import { outline, workThrough, type Run } from './api';
import type { Plan, Stack, Turn } from './plan';

export interface Round {
  readonly cut: number;
  /** Which way the bars are laid, gone through again and again. */
  readonly turns: readonly Turn[];
}

export interface Worked {
  readonly plan: Plan;
  readonly run: Run;
}

async function work(stack: Stack, rounds: readonly Round[]): Promise<Worked> {
  const plan = await outline(stack, [...rounds]);
  return { plan, run: await workThrough(plan) };
}

/** What a new billet is drafted from. */
export interface Draft {
  readonly stack: Stack;
  readonly rounds: readonly Round[];
}

/**
 * A draft and the plan it comes to. Edits are taken one after the other, each on what the one before left, and
 * only when the result can be worked through; else they answer with what is wrong.
 */
export function useDraft(first: Draft) {
  const client = useQueryClient();
  const [draft, setDraft] = useState(first);
  const latest = useRef(first);
  const inTurn = useInTurn();
  const worked = useQuery({
    queryKey: ['outline', draft],
    queryFn: () => work(draft.stack, draft.rounds),
    placeholderData: (before) => before,
    retry: false,
  });
  const change = useCallback(
    (edit: (draft: Draft) => Draft): Promise<string | null> =>
      inTurn(async () => {
        const wanted = edit(latest.current);
        try {
          client.setQueryData(['outline', wanted], await work(wanted.stack, wanted.rounds));
          latest.current = wanted;
          setDraft(wanted);
          return null;
        } catch (e) {
          return Problem.from(e).detail;
        }
      }),
    [client, inTurn],
  );
  return { draft, worked, change };
}
