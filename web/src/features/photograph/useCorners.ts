import { useState } from 'react';
import type { Place } from './api';
import { cornersOf } from './pieces';
import { usePieces } from './usePieces';

const INSET = 0.12;

/** A face that fills most of the picture. */
const USUAL: readonly Place[] = [
  { x: INSET, y: INSET },
  { x: 1 - INSET, y: INSET },
  { x: 1 - INSET, y: 1 - INSET },
  { x: INSET, y: 1 - INSET },
];

/**
 * The corners of a face on a photograph: those of the largest piece where a gauge card is beside it, until they are
 * moved by hand. Each move can be undone.
 */
export function useCorners(file: File) {
  const [moved, setMoved] = useState<readonly (readonly Place[])[]>([]);
  const [largest] = usePieces(file).answer?.pieces ?? [];
  return {
    corners: moved.at(-1) ?? (largest ? cornersOf(largest) : USUAL),
    isMoved: moved.length > 0,
    move: (corners: readonly Place[]) => setMoved((before) => [...before, corners]),
    undo: () => setMoved((before) => before.slice(0, -1)),
  };
}
