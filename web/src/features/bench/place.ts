import type { Billet, Run, Stage } from '../billet/api';
import { planAt, runAt } from '../billet/parts';
import type { Step } from '../billet/plan';
import { stageOfStep } from '../billet/runRows';

/** A step of a billet with the steel as it is before and after it. */
export interface Place {
  readonly part: string;
  readonly step: Step;
  readonly run: Run;
  readonly stage: number;
  readonly after: Stage | undefined;
}

/** Where a step is, from its path of part names and key; null where the plan has it no more. */
export function placeOf(billet: Billet, path: string): Place | null {
  const stroke = path.lastIndexOf('/');
  const part = stroke < 0 ? '' : path.slice(0, stroke);
  const plan = planAt(billet.plan, part);
  const run = runAt(billet.run, part);
  const at = plan?.steps.findIndex((s) => s.key === path.slice(stroke + 1)) ?? -1;
  const step = plan?.steps[at];
  if (!step) return null;
  const stage = stageOfStep(at);
  return { part, step, run, stage, after: run.stages[stage] };
}
