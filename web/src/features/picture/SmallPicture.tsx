import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { draw, type Pane, type Sight } from './api';

const DENSE = 2;
const KEPT_MS = 60_000;

/** A picture in its place among other things; what it showed before stays until the new one is there. */
export function SmallPicture({
  sight,
  pane = null,
  width,
  height,
  label,
}: {
  sight: Sight;
  pane?: Pane | null;
  /** px */
  width: number;
  height: number;
  /** Left out where what is beside it says the same. */
  label?: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const dense = Math.min(DENSE, window.devicePixelRatio);
  const size = { width: Math.ceil(width * dense), height: Math.ceil(height * dense) };
  const drawn = useQuery({
    queryKey: ['picture', sight, pane, size],
    queryFn: ({ signal }) => draw(sight, pane, size, null, signal),
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: KEPT_MS,
    retry: false,
  });
  const bitmap = drawn.data?.bitmap;
  useEffect(() => {
    const here = canvas.current;
    const pen = here?.getContext('2d');
    if (!here || !pen || !bitmap) return;
    here.width = bitmap.width;
    here.height = bitmap.height;
    pen.drawImage(bitmap, 0, 0);
  }, [bitmap]);
  return (
    <canvas
      ref={canvas}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      data-picture={bitmap ? 'there' : 'waiting'}
      className="block"
      style={{ width, height }}
    />
  );
}
