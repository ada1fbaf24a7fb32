import { useState } from 'react';
import type { Place } from './api';

const INSET = 0.12;

/** A face that fills most of the picture. */
const USUAL: readonly Place[] = [
  { x: INSET, y: INSET },
  { x: 1 - INSET, y: INSET },
  { x: 1 - INSET, y: 1 - INSET },
  { x: INSET, y: 1 - INSET },
];

/** The corners of a face on a photograph, moved by hand; each move can be undone. */
export function useCorners() {
  const [all, setAll] = useState<readonly (readonly Place[])[]>([USUAL]);
  return {
    corners: all.at(-1) ?? USUAL,
    isUsual: all.length === 1,
    move: (corners: readonly Place[]) => setAll((before) => [...before, corners]),
    undo: () => setAll((before) => (before.length > 1 ? before.slice(0, -1) : before)),
  };
}
