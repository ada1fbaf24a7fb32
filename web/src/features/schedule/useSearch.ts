import { useCallback, useEffect, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { find, type Asked, type Begun, type Ended, type Seen, type Way } from './api';

export interface Search {
  readonly asked: Asked;
  readonly begun: Begun | null;
  readonly seen: Seen | null;
  readonly ended: Ended | null;
  /** The best so far, of the search before where this one has none yet. */
  readonly ways: readonly Way[];
  readonly running: boolean;
  /** Searches that came to an end on this page. */
  readonly ends: number;
  readonly cancelled: boolean;
  readonly problem: Problem | null;
}

/** Searches whenever the question changes; the search before is called off. */
export function useSearch(
  asked: Asked,
): Search & { readonly cancel: () => void; readonly again: () => void } {
  const [search, setSearch] = useState<Search & { round: number }>(() => start(asked, 0, []));
  const [round, setRound] = useState(0);
  if (search.asked !== asked || search.round !== round) {
    // Asked again: what was found before stays on screen until something better is there.
    setSearch(start(asked, round, search.ways, search.begun, search.ends));
  }
  const aborting = useRef<AbortController | null>(null);

  useEffect(() => {
    const abort = new AbortController();
    aborting.current = abort;
    const put = (change: Partial<Search>) => {
      if (!abort.signal.aborted) setSearch((s) => ({ ...s, ...change }));
    };
    find(asked, abort.signal, (line) => {
      if (line.kind === 'begun') put({ begun: line });
      if (line.kind === 'seen') put({ seen: line, ...(line.ways ? { ways: line.ways } : {}) });
      if (line.kind === 'failed') put({ problem: Problem.of(line.problem), running: false });
      if (line.kind === 'ended') {
        if (!abort.signal.aborted) {
          setSearch((s) => ({ ...s, ended: line, ways: line.ways, running: false, ends: s.ends + 1 }));
        }
      }
    })
      // A line that stops without an end was cut off.
      .then(() => setSearch((s) => (s.asked === asked && s.running && !abort.signal.aborted ? lost(s) : s)))
      .catch((e: unknown) => put({ problem: Problem.from(e), running: false, ways: [] }));
    return () => abort.abort();
  }, [asked, round]);

  const cancel = useCallback(() => {
    aborting.current?.abort();
    setSearch((s) => ({ ...s, running: false, cancelled: true }));
  }, []);
  return { ...search, cancel, again: useCallback(() => setRound((n) => n + 1), []) };
}

const start = (asked: Asked, round: number, ways: readonly Way[], begun: Begun | null = null, ends = 0) => ({
  ends,
  asked,
  round,
  begun,
  seen: null,
  ended: null,
  ways,
  running: true,
  cancelled: false,
  problem: null,
});

const lost = <S extends Search>(search: S): S => ({ ...search, running: false, problem: Problem.offline() });
