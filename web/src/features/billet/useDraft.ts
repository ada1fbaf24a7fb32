import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { outline, workThrough, type Run } from './api';
import { repeated, type Lay, type Plan, type Stack } from './plan';

export interface Round {
  readonly cut: number;
  readonly lay: Lay;
}

/** Thirteen pieces, 1 1/2 in by 6 in, 1/8 in dark and 1/16 in bright: a common first stack. */
const FIRST_STACK: Stack = {
  pieces: repeated(
    [
      { steel: '1084', thicknessMm: 3.175 },
      { steel: '15N20', thicknessMm: 1.5875 },
    ],
    13,
  ),
  widthMm: 38.1,
  lengthMm: 152.4,
};
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

const FIRST: Draft = { stack: FIRST_STACK, rounds: [{ cut: 4, lay: 'SAME' }] };

/**
 * A draft and the plan it comes to. Edits are taken one after the other, each on what the one before left, and
 * only when the result can be worked through; else they answer with what is wrong.
 */
export function useDraft() {
  const client = useQueryClient();
  const [draft, setDraft] = useState(FIRST);
  const latest = useRef(FIRST);
  const chain = useRef<Promise<unknown>>(Promise.resolve());
  const worked = useQuery({
    queryKey: ['outline', draft],
    queryFn: () => work(draft.stack, draft.rounds),
    placeholderData: (before) => before,
    retry: false,
  });
  const change = useCallback(
    (edit: (draft: Draft) => Draft): Promise<string | null> => {
      const taken = chain.current.then(async () => {
        const wanted = edit(latest.current);
        try {
          client.setQueryData(['outline', wanted], await work(wanted.stack, wanted.rounds));
          latest.current = wanted;
          setDraft(wanted);
          return null;
        } catch (e) {
          return (e instanceof Problem ? e : Problem.offline()).detail;
        }
      });
      chain.current = taken;
      return taken;
    },
    [client],
  );
  return { draft, worked, change };
}
