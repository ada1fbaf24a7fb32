import { useEffect, useRef, useState } from 'react';
import { countLayers, type CountLine } from './api';
import { MIDDLE, readingOf, type Reading } from './layers';
import { useAsked } from './useAsked';

const NOTHING: readonly Reading[] = [];

/** Counts in a photograph: of all that was counted in it the last is shown, and each can be undone. */
export function useCount(file: File) {
  const [readings, setReadings] = useState(NOTHING);
  const [refused, setRefused] = useState<string | null>(null);
  const counting = useAsked((line: CountLine | null, signal) => countLayers(file, line, signal));
  const keep = (reading: Reading) => setReadings((before) => [...before, reading]);
  const count = (line: CountLine | null) => {
    // Something to draw the line on, where nothing comes of it.
    const lineOnly = { line: line ?? MIDDLE, boundaries: [], count: 0, low: 0, high: 0 };
    counting.ask(line, {
      onSuccess: (counted) => {
        setRefused(counted?.refused ?? null);
        keep(counted ? { ...readingOf(counted), line: counted.line ?? lineOnly.line } : lineOnly);
      },
      onError: () => keep(lineOnly),
    });
  };
  const first = useRef(count);
  useEffect(() => first.current(null), []);
  return {
    reading: readings.at(-1) ?? null,
    refused,
    error: counting.error,
    isCounting: counting.isAsking,
    canUndo: readings.length > 1,
    undo: () => setReadings(readings.slice(0, -1)),
    edit: (change: (reading: Reading) => Reading) => {
      const last = readings.at(-1);
      if (!last) return;
      setRefused(null);
      keep(change(last));
    },
    along: count,
    cancel: counting.cancel,
  };
}
