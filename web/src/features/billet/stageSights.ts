import type { Pane, Sight } from '../picture/api';
import { withPlanAt } from './parts';
import { isFlat, type Section } from '../../figures/section';
import type { Stage } from './api';
import type { NamedPattern } from './patterns';
import type { Plan } from './plan';

/** Pictures of a stage that stand in the Run. No React in here. */

/** The plan no further than a stage: what is changed after it does not change its picture. */
const upTo = (plan: Plan, stage: number): Plan => ({ ...plan, steps: plan.steps.slice(0, stage) });

const sightOf = (plan: Plan, path: string, stage: number, bar: number): Omit<Sight, 'look'> => ({
  plan: withPlanAt(plan, path, (p) => upTo(p, stage)),
  path,
  stage,
  bar,
  relief: false,
});

/** The bar sawn through in its middle. */
export const endOf = (plan: Plan, path: string, stage: number, at: Stage): Sight => ({
  ...sightOf(plan, path, stage, 0),
  look: { from: 'END', atMm: at.lengthMm / 2, acrossMm: 0, blade: null },
});

/** The side the Run shows a bar from. */
export const sideOf = (plan: Plan, path: string, stage: number, bar: number): Sight => ({
  ...sightOf(plan, path, stage, bar),
  look: { from: 'ALONG', atMm: 0, acrossMm: 0, blade: null },
});

export const wholeEnd = ({ widthMm, heightMm }: Section): Pane => ({
  leftMm: 0,
  lowMm: 0,
  widthMm,
  heightMm,
});

export const wholeSide = (at: Stage): Pane => ({
  leftMm: 0,
  lowMm: 0,
  widthMm: at.lengthMm,
  heightMm: at.section.heightMm,
});

/** Whether lines cannot draw it: only the field knows where its layers are. */
export const needsPicture = (at: Stage) => at.count > 0 && !isFlat(at.section);

/** How deep a pattern's face is ground to show it, mm. */
const PATTERN_DEPTH_MM = 0.2;
const PATTERN_FROM_FRONT_MM = 20;

/** A named pattern from where it shows best. */
export const patternSight = ({ plan, shows }: NamedPattern): Sight => ({
  ...sightOf(plan, '', plan.steps.length, 0),
  look: {
    from: shows,
    atMm: shows === 'END' ? PATTERN_FROM_FRONT_MM : PATTERN_DEPTH_MM,
    acrossMm: 0,
    blade: null,
  },
});
