import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { countLayers, type CountLine } from './api';
import { MIDDLE, readingOf, type Reading } from './layers';

/** A photograph that was chosen. */
interface Chosen {
  readonly file: File;
  readonly picture: ImageBitmap;
}

const NOTHING: readonly Reading[] = [];

/** Counts in one photograph at a time: of all that was counted in it the last is shown, and each can be undone. */
export function useCount() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [readings, setReadings] = useState(NOTHING);
  const [refused, setRefused] = useState<string | null>(null);
  const [unreadable, setUnreadable] = useState(false);
  const asking = useRef<AbortController | null>(null);
  const counting = useMutation({
    // Null where it was given up.
    mutationFn: async ({ file, line }: { file: File; line: CountLine | null }) => {
      asking.current?.abort();
      const asked = new AbortController();
      asking.current = asked;
      return countLayers(file, line, asked.signal).catch((e: unknown) => {
        if (asked.signal.aborted) return null;
        throw e;
      });
    },
  });
  const keep = (reading: Reading) => setReadings((before) => [...before, reading]);
  const count = (file: File, line: CountLine | null) => {
    // Something to draw the line on, where nothing comes of it.
    const lineOnly = { line: line ?? MIDDLE, boundaries: [], count: 0, low: 0, high: 0 };
    counting.mutate(
      { file, line },
      {
        onSuccess: (counted) => {
          setRefused(counted?.refused ?? null);
          keep(counted ? { ...readingOf(counted), line: counted.line ?? lineOnly.line } : lineOnly);
        },
        onError: () => keep(lineOnly),
      },
    );
  };
  return {
    chosen,
    reading: readings.at(-1) ?? null,
    refused,
    unreadable,
    error: counting.error,
    isCounting: counting.isPending,
    canUndo: readings.length > 1,
    undo: () => setReadings(readings.slice(0, -1)),
    edit: (change: (reading: Reading) => Reading) => {
      const last = readings.at(-1);
      if (!last) return;
      setRefused(null);
      keep(change(last));
    },
    choose: async (file: File) => {
      // Where the next cannot be opened, none is, and another may be chosen.
      setChosen(null);
      setReadings(NOTHING);
      setRefused(null);
      setUnreadable(false);
      try {
        const picture = await createImageBitmap(file);
        setChosen({ file, picture });
        count(file, null);
      } catch {
        setUnreadable(true);
      }
    },
    along: (line: CountLine) => chosen && count(chosen.file, line),
    cancel: () => asking.current?.abort(),
  };
}
