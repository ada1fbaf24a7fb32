import * as texts from 'texts/inside/tries';
import type { Measure } from '../../ui/MeasureField';
import { withChange } from '../billet/planEdits';
import type { Operation, Plan } from '../billet/plan';

/** What can be tried on a plan while you look: the figures of steps that make the pattern. No React in here. */

export interface Try {
  readonly step: number;
  readonly field: string;
  readonly label: string;
  readonly measure: Extract<Measure, 'length' | 'number' | 'percent'>;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly by: number;
}

type Range = Omit<Try, 'step' | 'value'>;

const range = (
  field: string,
  label: string,
  measure: Try['measure'],
  least: number,
  most: number,
  by: number,
): Range => ({ field, label, measure, least, most: Math.max(most, least), by });

/** The figures of one step worth trying. A pitch cannot be less than what is ground in. */
function rangesOf(o: Operation): Range[] {
  switch (o.kind) {
    case 'twist':
      return [range('turns', texts.turns, 'number', 0.25, Math.max(20, 2 * o.turns), 0.25)];
    case 'resquare':
      return [range('angleDeg', texts.rotationDegrees, 'number', 1, 90, 1)];
    case 'upset':
      return [range('bowMm', texts.bow, 'length', 0, Math.max(12, o.bowMm), 0.1)];
    case 'ladder':
      return [
        range('pitchMm', texts.groovePitch, 'length', o.widthMm, Math.max(60, o.pitchMm), 0.25),
        range('depthMm', texts.grooveDepth, 'length', 0.1, Math.max(5, o.depthMm), 0.1),
      ];
    case 'dimples':
      return [
        range('pitchMm', texts.dimplePitch, 'length', o.diameterMm, Math.max(40, o.pitchMm), 0.25),
        range('depthMm', texts.dimpleDepth, 'length', 0.1, Math.max(5, o.depthMm), 0.1),
      ];
    case 'uneven':
      return [
        range('amplitudeMm', texts.displacement, 'length', 0.1, Math.max(3, o.amplitudeMm), 0.05),
        range('scaleMm', texts.wavelength, 'length', 4, Math.max(50, o.scaleMm), 0.5),
      ];
    default:
      return [];
  }
}

/** All that can be tried up to a stage: its state now, within what the plan as stored gives room for. */
export const triesOf = (planned: Plan, tried: Plan, stage: number): Try[] =>
  planned.steps.slice(0, stage).flatMap(({ operation, off }, step) =>
    off
      ? []
      : rangesOf(operation).map((range) => {
          const now = (tried.steps[step]?.operation ?? operation) as unknown as Record<string, unknown>;
          return { ...range, step, value: Number(now[range.field]) };
        }),
  );

/** The plan with one of them changed. */
export const withTried = (plan: Plan, { step, field }: Try, value: number): Plan =>
  withChange(plan, step, () => ({ [field]: value }));
