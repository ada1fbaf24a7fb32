import { systemOf, type Units } from './quantity';

const MM_PER_INCH = 25.4;
const PARTS = 32;

/** The finest step a smith sets with a ruler: half a millimetre, or 1/32 in; mm. */
export const rulerStepMm = (units: Units) =>
  systemOf(units, 'length') === 'METRIC' ? 0.5 : MM_PER_INCH / PARTS;

/** A length brought onto steps of a ruler; to the nearest where it is not said otherwise. */
export const onStep = (mm: number, stepMm: number, round: (steps: number) => number = Math.round) =>
  Number((round(mm / stepMm) * stepMm).toPrecision(12));
