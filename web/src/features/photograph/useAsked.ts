import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';

/** One question at a time, which can be cancelled: a new one cancels the last. */
export function useAsked<Q, A>(ask: (question: Q, signal: AbortSignal) => Promise<A>) {
  const asking = useRef<AbortController | null>(null);
  const asked = useMutation({
    // Null where it was cancelled.
    mutationFn: async (question: Q): Promise<A | null> => {
      asking.current?.abort();
      const { signal } = (asking.current = new AbortController());
      return ask(question, signal).catch((e: unknown) => {
        if (signal.aborted) return null;
        throw e;
      });
    },
  });
  return {
    answer: asked.data ?? null,
    error: asked.error,
    isAsking: asked.isPending,
    ask: asked.mutate,
    cancel: () => asking.current?.abort(),
    /** Sets what the question is about, so that the last answer is none any more. */
    changing:
      <T>(set: (value: T) => void) =>
      (value: T) => {
        asked.reset();
        set(value);
      },
  };
}
