import * as texts from 'texts/billet/FitWords';
import { Length } from '../../ui/Words';
import type { Fit } from './api';

const LARGER = { WIDTH: texts.wider, HEIGHT: texts.higher, LENGTH: texts.longer } as const;
const SMALLER = { WIDTH: texts.narrower, HEIGHT: texts.lower, LENGTH: texts.shorter } as const;
const DUST_MM = 0.005;

/** How parts meet the bar, where they do not meet evenly; a line for each part. */
export function FitWords({ fits }: { fits: readonly Fit[] }) {
  const uneven = fits.filter((f) => Math.abs(f.partMm - f.ownMm) > DUST_MM);
  const parts = [...new Set(uneven.map((f) => f.part))];
  return parts.map((part) => (
    <span key={part} className="block bg-ground/85 px-1">
      “{part}”{' '}
      {uneven
        .filter((f) => f.part === part)
        .map((f, i) => (
          <span key={f.what} data-fit={f.what}>
            {i > 0 && ', '}
            <Length mm={Math.abs(f.partMm - f.ownMm)} /> {(f.partMm > f.ownMm ? LARGER : SMALLER)[f.what]}
          </span>
        ))}
    </span>
  ));
}
