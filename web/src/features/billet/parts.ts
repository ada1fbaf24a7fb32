import type { Run } from './api';
import { isPartBar, type Laid, type Operation, type Part, type Plan } from './plan';
import { laidOf } from './laid';

/** Parts within plans, by a path of names: '' is the billet's own plan, 'edge/core' a part of a part. */

export const inside = (path: string, name: string) => (path === '' ? name : `${path}/${name}`);

/** The plan at a path, where there is one. */
export function planAt(plan: Plan, path: string): Plan | undefined {
  if (path === '') return plan;
  const [first, ...rest] = path.split('/');
  const part = plan.parts.find((p) => p.name === first);
  return part && planAt(part.plan, rest.join('/'));
}

/** The Run of the plan at a path. */
export const runAt = (run: Run, path: string): Run =>
  path.split('/').reduce((r, name) => r.parts[name] ?? r, run);

/** The whole with the plan at a path edited. A part that was picked and is edited is that bar no more. */
export function withPlanAt(plan: Plan, path: string, edit: (plan: Plan) => Plan): Plan {
  if (path === '') return edit(plan);
  const [first, ...rest] = path.split('/');
  return {
    ...plan,
    parts: plan.parts.map((p) =>
      p.name === first ? { ...p, plan: withPlanAt(p.plan, rest.join('/'), edit), origin: null } : p,
    ),
  };
}

/** The whole with another operation in the step at a path: names of parts, then its key. */
export function withOperationAt(plan: Plan, stepPath: string, operation: Operation): Plan {
  const stroke = stepPath.lastIndexOf('/');
  const key = stepPath.slice(stroke + 1);
  return withPlanAt(plan, stepPath.slice(0, Math.max(0, stroke)), (p) => ({
    ...p,
    steps: p.steps.map((s) => (s.key === key ? { ...s, operation } : s)),
  }));
}

/** A name no part of the plan has yet. */
export function freeName(plan: Plan, wished: string): string {
  const taken = new Set(plan.parts.map((p) => p.name));
  if (!taken.has(wished)) return wished;
  let n = 2;
  while (taken.has(`${wished}${n}`)) n++;
  return `${wished}${n}`;
}

export const withPart = (plan: Plan, part: Part): Plan => ({ ...plan, parts: [...plan.parts, part] });

function mapLaid(o: Operation, change: (laid: readonly Laid[]) => readonly Laid[]): Operation {
  const changed = Object.fromEntries(laidOf(o).map(([field, laid]) => [field, change(laid)]));
  return { ...o, ...changed };
}

/** The plan with a part called something else wherever it is laid. */
export function withPartRenamed(plan: Plan, from: string, to: string): Plan {
  return {
    ...plan,
    parts: plan.parts.map((p) => (p.name === from ? { ...p, name: to } : p)),
    steps: plan.steps.map((s) => ({
      ...s,
      operation: mapLaid(s.operation, (laid) =>
        laid.map((l) => (isPartBar(l) && l.part === from ? { ...l, part: to } : l)),
      ),
    })),
  };
}

/** The plan without a part, and without its bars wherever they were laid. */
export function withoutPart(plan: Plan, name: string): Plan {
  return {
    ...plan,
    parts: plan.parts.filter((p) => p.name !== name),
    steps: plan.steps.map((s) => ({
      ...s,
      operation: mapLaid(s.operation, (laid) => laid.filter((l) => !(isPartBar(l) && l.part === name))),
    })),
  };
}

/** A stage of the billet's own Run, or of a part's. */
export interface Place {
  /** Names of the parts it is in, with strokes between; empty for the billet itself. */
  readonly path: string;
  readonly stage: number;
}
