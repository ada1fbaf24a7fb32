import { useEffect, useRef } from 'react';
import { measurePieces, type Known } from './api';
import { useAsked } from './useAsked';

/** The pieces in a photograph, measured at once by the card beside them, and by a known length when asked. */
export function usePieces(file: File) {
  const measuring = useAsked((known: Known | null, signal) => measurePieces(file, known, signal));
  const first = useRef(measuring.ask);
  useEffect(() => first.current(null), []);
  return measuring;
}
