/** Geometry of the Rack: bars standing end-on on shelves, all to one scale. */

export interface EndSize {
  readonly widthMm: number;
  readonly heightMm: number;
}

const LEAST_SCALE = 0.4;

/** The one scale of the Rack, px per mm, at which the widest and the highest end both fit their place. */
export function shelfScale(ends: readonly EndSize[], place: { width: number; height: number }): number {
  const widest = Math.max(1, ...ends.map((e) => e.widthMm));
  const highest = Math.max(1, ...ends.map((e) => e.heightMm));
  return Math.max(LEAST_SCALE, Math.min(place.width / widest, place.height / highest));
}
