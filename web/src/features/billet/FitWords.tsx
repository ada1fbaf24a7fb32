import { Length } from '../../ui/Words';
import type { Fit } from './api';

const LARGER = { WIDTH: 'wider', HEIGHT: 'higher', LENGTH: 'longer' } as const;
const SMALLER = { WIDTH: 'narrower', HEIGHT: 'lower', LENGTH: 'shorter' } as const;
const DUST_MM = 0.005;

/** How parts meet the bar, where they do not meet evenly. */
export function FitWords({ fits }: { fits: readonly Fit[] }) {
  const uneven = fits.filter((f) => Math.abs(f.partMm - f.ownMm) > DUST_MM);
  return uneven.map((f) => (
    <span key={`${f.part} ${f.what}`} data-fit={f.what}>
      {' '}
      · “{f.part}” is <Length mm={Math.abs(f.partMm - f.ownMm)} unit />{' '}
      {(f.partMm > f.ownMm ? LARGER : SMALLER)[f.what]}
    </span>
  ));
}
