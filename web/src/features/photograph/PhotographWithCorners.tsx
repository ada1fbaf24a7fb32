import * as texts from 'texts/photograph/PhotographWithCorners';
import type { ReactNode } from 'react';
import type { Place } from './api';
import { MarkedPhotograph } from './MarkedPhotograph';

const NAMES = [texts.upperLeft, texts.upperRight, texts.lowerRight, texts.lowerLeft];

/** As points of an outline, on a picture of that size. */
export const outline = (corners: readonly Place[], width: number, height: number) =>
  corners.map((at) => `${at.x * width},${at.y * height}`).join(' ');

/** A photograph with the four corners of a face, which are dragged. */
export function PhotographWithCorners({
  picture,
  corners,
  onCorners,
  children,
}: {
  picture: ImageBitmap;
  corners: readonly Place[];
  onCorners: (corners: readonly Place[]) => void;
  /** What else is drawn over it, on so many pixels. */
  children?: (width: number, height: number) => ReactNode;
}) {
  return (
    <MarkedPhotograph picture={picture} handles={corners} names={NAMES} highest={0.42} onHandles={onCorners}>
      {({ width, height, handles, isDragged }) => (
        <>
          {(['black', 'white'] as const).map((stroke) => (
            <polygon
              key={stroke}
              points={outline(handles, width, height)}
              fill="none"
              stroke={stroke}
              strokeWidth={stroke === 'black' ? 3 : 1}
            />
          ))}
          {!isDragged && children?.(width, height)}
        </>
      )}
    </MarkedPhotograph>
  );
}
