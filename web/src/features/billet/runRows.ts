import type { Row } from '../../figures/bars';
import type { Run, Stage } from './api';
import type { Plan } from './plan';

/** A stage as a row of the Run's drawing: the bars, and what this step took from them. */
export function rowsOf(run: Run, plan: Plan): Row[] {
  let kerfMm = 0;
  return run.stages.map((stage, i) => {
    const operation = i === 0 ? undefined : plan.steps[i - 1]?.operation;
    if (operation?.kind === 'cut') kerfMm = operation.kerfMm;
    return {
      count: stage.count,
      lengthMm: stage.lengthMm,
      heightMm: stage.heightMm,
      kerfMm: stage.count > 1 ? kerfMm : 0,
      frontMm: operation?.kind === 'trim' ? operation.frontMm : 0,
      backMm: operation?.kind === 'trim' ? operation.backMm : 0,
      bottomMm: operation?.kind === 'grind' ? operation.bottomMm : 0,
      topMm: operation?.kind === 'grind' ? operation.topMm : 0,
    };
  });
}

/** The stage of a step: the stack is stage 0. */
export const stageOfStep = (step: number) => step + 1;

/** What is said of a stage to somebody who cannot see it. */
export function describe(stage: Stage, length: (mm: number) => string): string {
  const bars = stage.count === 1 ? 'one bar' : `${stage.count} bars, each`;
  return `${bars} ${length(stage.widthMm)} wide, ${length(stage.heightMm)} high, ${length(stage.lengthMm)} long, ${stage.visibleCount} visible layers of ${stage.shopCount} at the saw`;
}
