import type { Pane } from './api';

/** Moving about in a view; places on the canvas in pixels from its upper left. No React in here. */

export interface Size {
  readonly width: number;
  readonly height: number;
}

export interface Spot {
  readonly x: number;
  readonly y: number;
}

export interface Place {
  readonly right: number;
  readonly up: number;
}

const NEAREST_MM_PER_PX = 0.001;
const FARTHEST_MM_PER_PX = 5;

export const mmPerPx = (pane: Pane, size: Size) => pane.widthMm / size.width;

/** The place of the view under a spot. */
export const placeAt = (pane: Pane, size: Size, { x, y }: Spot): Place => ({
  right: pane.leftMm + (x / size.width) * pane.widthMm,
  up: pane.lowMm + (1 - y / size.height) * pane.heightMm,
});

/** Where a place of the view is seen. */
export const spotOf = (pane: Pane, size: Size, { right, up }: Place): Spot => ({
  x: ((right - pane.leftMm) / pane.widthMm) * size.width,
  y: (1 - (up - pane.lowMm) / pane.heightMm) * size.height,
});

/** Nearer by a factor above 1, the place under the spot staying where it is. */
export function zoomed(pane: Pane, size: Size, spot: Spot, by: number): Pane {
  const now = mmPerPx(pane, size);
  const then = Math.min(FARTHEST_MM_PER_PX, Math.max(NEAREST_MM_PER_PX, now / by));
  const factor = then / now;
  const { right, up } = placeAt(pane, size, spot);
  return {
    leftMm: right - (right - pane.leftMm) * factor,
    lowMm: up - (up - pane.lowMm) * factor,
    widthMm: pane.widthMm * factor,
    heightMm: pane.heightMm * factor,
  };
}

/** Moved with the hand by so many pixels. */
export const moved = (pane: Pane, size: Size, dx: number, dy: number): Pane => ({
  ...pane,
  leftMm: pane.leftMm - (dx / size.width) * pane.widthMm,
  lowMm: pane.lowMm + (dy / size.height) * pane.heightMm,
});

/** Middle and scale of what is shown: the same on canvases of any size. */
export interface Aim {
  readonly right: number;
  readonly up: number;
  readonly mmPerPx: number;
}

export const aimOf = (pane: Pane, size: Size): Aim => ({
  right: pane.leftMm + pane.widthMm / 2,
  up: pane.lowMm + pane.heightMm / 2,
  mmPerPx: mmPerPx(pane, size),
});

export const paneOf = (aim: Aim, size: Size): Pane => ({
  leftMm: aim.right - (aim.mmPerPx * size.width) / 2,
  lowMm: aim.up - (aim.mmPerPx * size.height) / 2,
  widthMm: aim.mmPerPx * size.width,
  heightMm: aim.mmPerPx * size.height,
});

/** Where what one pane shows is on a canvas that shows another. */
export function boxOf(shown: Pane, pane: Pane, size: Size) {
  const { x, y } = spotOf(pane, size, { right: shown.leftMm, up: shown.lowMm + shown.heightMm });
  return {
    x,
    y,
    width: (shown.widthMm / pane.widthMm) * size.width,
    height: (shown.heightMm / pane.heightMm) * size.height,
  };
}
