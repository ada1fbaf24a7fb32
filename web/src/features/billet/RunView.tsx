import { useMemo, type ReactNode } from 'react';
import { commonScale, type RowFigure } from '../../figures/bars';
import { JointGlyph } from '../../figures/JointGlyph';
import { Words } from '../../ui/Words';
import { useTones } from '../steel/api';
import { OUTCOME_WORDS, type Weld } from '../book/api';
import type { Run } from './api';
import { FindingMark } from './FindingMark';
import type { Plan } from './plan';
import { RunRow } from './RunRow';
import { rowsOf } from './runRows';
import { ScaleBar } from './ScaleBar';
import { StackWords, stepTitle, StepWords } from './StepWords';
import { useWidth } from '../../ui/useWidth';

/** Label and figures beside the drawing, and a margin, px; kept in step with RunRow's columns. */
const BESIDE_PX = (14 + 11.5) * 15 + 24;

/**
 * The Run: the billet's history down the page, every stage against one bench stop and to one scale.
 */
export function RunView({
  run,
  plan,
  welds = [],
  selected,
  onSelect,
  open,
  handle,
}: {
  run: Run;
  plan: Plan;
  welds?: readonly Weld[];
  selected?: number;
  onSelect?: (stage: number) => void;
  /** What stands in the selected row, below the figure. */
  open?: ReactNode;
  /** What can be dragged on the open figure. */
  handle?: (figure: RowFigure, top: number, scale: number) => ReactNode;
}) {
  const [measure, width] = useWidth();
  const toneOf = useTones();
  const rows = useMemo(() => rowsOf(run, plan), [run, plan]);
  const figureWidth = Math.max(200, width - BESIDE_PX);
  const scale = commonScale(rows, figureWidth);
  return (
    <section aria-label="Run" ref={measure}>
      {width > 0 &&
        run.stages.map((stage, i) => {
          const step = i === 0 ? undefined : plan.steps[i - 1];
          const row = rows[i];
          if (!row) return null;
          return (
            <RunRow
              key={stage.key ?? 'stack'}
              title={step ? stepTitle(step.operation) : 'Stack'}
              words={step ? <StepWords operation={step.operation} /> : <StackWords stack={plan.stack} />}
              stage={stage}
              row={row}
              scale={scale}
              width={figureWidth}
              toneOf={toneOf}
              findings={run.findings.filter((f) => f.stage === i)}
              selected={selected === i}
              onSelect={onSelect && (() => onSelect(i))}
              made={<Made weld={welds.find((w) => w.stepKey === stage.key)} />}
              handle={selected === i ? handle : undefined}
            >
              {selected === i && open}
            </RunRow>
          );
        })}
      {run.stop && <Stopped run={run} plan={plan} selected={selected} onSelect={onSelect} open={open} />}
      {width > 0 && <ScaleBar scale={scale} />}
    </section>
  );
}

function Made({ weld }: { weld: Weld | undefined }) {
  return weld ? (
    <span title={`in the Book: ${OUTCOME_WORDS[weld.outcome]}`}>
      <JointGlyph state={weld.outcome} size={15} />
      <span className="sr-only">in the Book: {OUTCOME_WORDS[weld.outcome]}</span>
    </span>
  ) : null;
}

/** Where the plan cannot go on, and the steps that wait behind it. */
function Stopped({
  run,
  plan,
  selected,
  onSelect,
  open,
}: {
  run: Run;
  plan: Plan;
  selected: number | undefined;
  onSelect: ((stage: number) => void) | undefined;
  open: ReactNode;
}) {
  if (!run.stop) return null;
  const { step, reason, remedy } = run.stop;
  return (
    <>
      {plan.steps.slice(step).map((s, i) => {
        const stage = step + 1 + i;
        return (
          <div key={s.key} className={`border-b border-rule ${selected === stage ? 'bg-panel' : ''}`}>
            <div className="grid grid-cols-[14rem_1fr]">
              <button
                type="button"
                aria-expanded={selected === stage}
                className="py-2.5 pr-3 pl-5 text-left"
                onClick={() => onSelect?.(stage)}
              >
                <span className="block font-semibold">{stepTitle(s.operation)}</span>
                <span className="condensed text-[13px] text-soft">
                  <StepWords operation={s.operation} />
                </span>
              </button>
              <div className="border-l-2 border-ink px-4 py-3">
                {i === 0 ? (
                  <p role="alert" className="flex gap-2">
                    <FindingMark strength="WILL_FAIL" />
                    <span>
                      <b>The bar does not allow this.</b> <Words of={`${reason} ${remedy}`} />
                    </span>
                  </p>
                ) : (
                  <p className="text-soft">waits for the step above</p>
                )}
              </div>
            </div>
            {selected === stage && open}
          </div>
        );
      })}
    </>
  );
}
