import { useEffect, useRef } from 'react';
import { measurePieces, type Rule } from './api';
import { useAsked } from './useAsked';

/** The pieces in a photograph, measured at once by the card beside them, and by a rule when asked. */
export function usePieces(file: File) {
  const measuring = useAsked((rule: Rule | null, signal) => measurePieces(file, rule, signal));
  const first = useRef(measuring.ask);
  useEffect(() => first.current(null), []);
  return measuring;
}
