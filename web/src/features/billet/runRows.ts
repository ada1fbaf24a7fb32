import * as texts from 'texts/billet/runRows';
import type { Row } from '../../figures/bars';
import type { Run, Stage } from './api';
import type { Plan } from './plan';

/** A stage as a row of the Run's drawing: the bars, and what this step took from them. */
export function rowsOf(run: Run, plan: Plan): Row[] {
  let kerfMm = 0;
  return run.stages.map((stage, i) => {
    const operation = i === 0 ? undefined : plan.steps[i - 1]?.operation;
    if (operation?.kind === 'cut' && !stage.off) kerfMm = operation.kerfMm;
    const done = stage.off ? undefined : operation;
    return {
      count: stage.count,
      lengthMm: stage.lengthMm,
      heightMm: stage.heightMm,
      kerfMm: stage.count > 1 ? kerfMm : 0,
      frontMm: done?.kind === 'trim' ? done.frontMm : 0,
      backMm: done?.kind === 'trim' ? done.backMm : 0,
      asideCount: stage.aside?.count ?? 0,
      asideLengthMm: stage.aside?.lengthMm ?? 0,
      bottomMm: done?.kind === 'grind' ? done.bottomMm : 0,
      topMm: done?.kind === 'grind' ? done.topMm : 0,
      plannedLengthMm: stage.planned?.lengthMm ?? 0,
      plannedHeightMm: stage.planned?.heightMm ?? 0,
    };
  });
}

/** The stage of a step: the stack is stage 0. */
export const stageOfStep = (step: number) => step + 1;

/** What is said of a stage to someone who cannot see it. */
export function describe(stage: Stage, length: (mm: number) => string): string {
  const bars = texts.barsEach({ count: stage.count });
  return texts.wideHighLongVisibleLayersNominal({
    bars,
    widthMm: length(stage.widthMm),
    heightMm: length(stage.heightMm),
    lengthMm: length(stage.lengthMm),
    visibleCount: stage.visibleCount,
    shopCount: stage.shopCount,
  });
}

/** Every row of a Run and of the parts that join it, for the one scale they share. */
export const allRows = (run: Run, plan: Plan): Row[] => [
  ...rowsOf(run, plan),
  ...plan.parts.flatMap((p) => {
    const part = run.parts[p.name];
    return part ? allRows(part, p.plan) : [];
  }),
];
