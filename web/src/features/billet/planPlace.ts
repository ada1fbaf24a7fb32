import type { Billet } from './api';
import { inside, planAt, type Place } from './parts';
import type { Plan } from './plan';
import { stageOfStep } from './runRows';

/** The stage to open first: the one asked for, else the next weld to make, else the end. */
export function firstPlace(billet: Billet, stepKey: string | undefined): Place {
  const { flaw, nextWeld } = billet.progress;
  return placeOf(billet.plan, stepKey ?? flaw ?? nextWeld) ?? { path: '', stage: billet.plan.steps.length };
}

/** Where a step is, from its path of part names and key. */
function placeOf(plan: Plan, stepPath: string | null): Place | null {
  if (stepPath === null) return null;
  const stroke = stepPath.lastIndexOf('/');
  const path = stroke < 0 ? '' : stepPath.slice(0, stroke);
  const step = planAt(plan, path)?.steps.findIndex((s) => s.key === stepPath.slice(stroke + 1)) ?? -1;
  return step < 0 ? null : { path, stage: stageOfStep(step) };
}

/** The paths of all plans in a tree, the billet's own first. */
export const paths = (plan: Plan, path = ''): string[] => [
  path,
  ...plan.parts.flatMap((p) => paths(p.plan, inside(path, p.name))),
];
