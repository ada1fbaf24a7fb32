import type { Place } from './parts';

/** Where you look into the steel of a stage. */
export const insideOf = (billetId: number, { path, stage }: Place) =>
  `/billets/${billetId}/inside?stage=${stage}${path && `&part=${encodeURIComponent(path)}`}`;
