import * as texts from 'texts/photograph/PhotographWithCorners';
import type { ReactNode } from 'react';
import type { Place } from './api';
import { MarkedPhotograph } from './MarkedPhotograph';
import { Outline } from './Marks';

const NAMES = [texts.upperLeft, texts.upperRight, texts.lowerRight, texts.lowerLeft];

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
          <Outline corners={handles} width={width} height={height} />
          {!isDragged && children?.(width, height)}
        </>
      )}
    </MarkedPhotograph>
  );
}
