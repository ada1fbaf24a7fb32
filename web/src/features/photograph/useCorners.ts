import { useState } from 'react';
import type { Place } from './api';
import { cornersOf, laidAlong } from './pieces';
import type { Chosen } from './usePhotograph';
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
 *
 * @param aspect how many times as long as high the face is by the plan
 */
export function useCorners({ file, picture }: Chosen, aspect: number) {
  const [moved, setMoved] = useState<readonly (readonly Place[])[]>([]);
  const [largest] = usePieces(file).answer?.pieces ?? [];
  const corners = moved.at(-1) ?? (largest ? cornersOf(largest) : USUAL);
  return {
    corners,
    /** The same from the upper left one of the face by the plan. */
    laid: laidAlong(corners, picture, aspect),
    isMoved: moved.length > 0,
    /** Whether they are those of a face: found by the card, or put there. */
    isPlaced: moved.length > 0 || largest !== undefined,
    move: (corners: readonly Place[]) => setMoved((before) => [...before, corners]),
    undo: () => setMoved((before) => before.slice(0, -1)),
  };
}
