import type { Measured, Operation, Plan } from './plan';

/** A plan with something about its steps changed; the plan that is given stays as it is. */

/** The plan with one operation put in another's place. */
export function withOperation(plan: Plan, step: number, operation: Operation): Plan {
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? { ...s, operation } : s)) };
}

/** The plan with a step measured, or not any more. */
export function withMeasured(plan: Plan, step: number, measured: Measured | null): Plan {
  return {
    ...plan,
    steps: plan.steps.map((s, i) => {
      if (i !== step) return s;
      const { key, operation, off = false } = s;
      return measured ? { key, operation, off, measured } : { key, operation, off };
    }),
  };
}

/** The plan with some fields of one operation changed; the kind of step stays. */
export function withChange(
  plan: Plan,
  step: number,
  change: (operation: Operation) => Partial<Operation>,
): Plan {
  const operation = plan.steps[step]?.operation;
  return operation
    ? withOperation(plan, step, { ...operation, ...change(operation), kind: operation.kind } as Operation)
    : plan;
}

const freeKey = (plan: Plan) => {
  let n = plan.steps.length + 1;
  while (plan.steps.some((s) => s.key === `s${n}`)) n++;
  return `s${n}`;
};

/** The plan with one more step before the given one. */
export function withStepBefore(plan: Plan, step: number, operation: Operation): Plan {
  const steps = [...plan.steps];
  steps.splice(step, 0, { key: freeKey(plan), operation, off: false });
  return { ...plan, steps };
}

/** The plan with a step done twice. */
export function withCopy(plan: Plan, step: number): Plan {
  const copied = plan.steps[step];
  return copied ? withStepBefore(plan, step + 1, copied.operation) : plan;
}

/** The plan with a step left out, or done again. */
export function withOff(plan: Plan, step: number): Plan {
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? { ...s, off: !s.off } : s)) };
}

export function withoutStep(plan: Plan, step: number): Plan {
  return { ...plan, steps: plan.steps.filter((_, i) => i !== step) };
}

/** The plan with a step moved up (−1) or down (+1); the same plan where it cannot go further. */
export function withStepMoved(plan: Plan, step: number, by: -1 | 1): Plan {
  const moved = plan.steps[step];
  const other = plan.steps[step + by];
  if (!moved || !other) return plan;
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? other : i === step + by ? moved : s)) };
}
