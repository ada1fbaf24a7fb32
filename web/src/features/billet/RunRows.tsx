import * as texts from 'texts/billet/RunRows';
import { Fragment, type ReactNode } from 'react';
import type { Box, RowFigure } from '../../figures/bars';
import { JointGlyph } from '../../figures/JointGlyph';
import { Words } from '../../ui/Words';
import { FLAW_WORDS, OUTCOME_WORDS, type Weld } from '../book/api';
import { SmallPicture } from '../picture/SmallPicture';
import type { Run, Stage } from './api';
import { FindingMark, shownAt } from './FindingMark';
import { FitWords } from './FitWords';
import { FlawMark } from './FlawMark';
import { flawsAt, STATE_WORDS, type FlawView } from './flaws';
import { PartHead } from './PartHead';
import { inside } from './parts';
import { partsOf } from './laid';
import type { Part, Plan } from './plan';
import { RunRow } from './RunRow';
import { rowsOf } from './runRows';
import type { Place } from './parts';
import { needsPicture, sideOf, wholeSide } from './stageSights';
import { StackWords, stepTitle, StepWords } from './StepWords';

/** Bars of a row that get a picture of their own; after a saw they differ. */
const MOST_PICTURES = 6;

/** Less shows nothing but grey. */
const SMALLEST_PX = 4;

/** What all Runs of one tree share. */
export interface RunDrawing {
  readonly welds: readonly Weld[];
  readonly flaws: readonly FlawView[];
  readonly selected: Place | undefined;
  readonly onSelect: ((place: Place) => void) | undefined;
  readonly onRename: ((path: string, name: string) => Promise<string | null>) | undefined;
  readonly open: ReactNode;
  readonly handle: ((figure: RowFigure, top: number, scale: number) => ReactNode) | undefined;
  readonly toneOf: (steel: string) => number;
  readonly scale: number;
  readonly width: number;
  readonly dense: boolean;
  /** The billet's own plan, whose parts the others are. */
  readonly whole: Plan;
}

/** The rows of one Run; each part's own Run is above the row where it is first laid. */
export function RunRows({
  run,
  plan,
  path,
  drawing,
}: {
  run: Run;
  plan: Plan;
  path: string;
  drawing: RunDrawing;
}) {
  const rows = rowsOf(run, plan);
  const joinsAt = (part: Part) =>
    plan.steps.findIndex((s) => !s.off && partsOf(s.operation).includes(part.name));
  const joining = (step: number) => plan.parts.filter((p) => joinsAt(p) === step);
  const block = (part: Part) => {
    const made = run.parts[part.name];
    return made && <PartRun key={part.name} part={part} run={made} path={path} drawing={drawing} />;
  };
  const pictureOf = (stage: Stage, at: number) =>
    function Inside(nth: number, width: number, height: number) {
      if (nth >= MOST_PICTURES || width < SMALLEST_PX || height < SMALLEST_PX) return null;
      return (
        <SmallPicture
          sight={sideOf(drawing.whole, path, at, nth)}
          pane={wholeSide(stage)}
          width={width}
          height={height}
        />
      );
    };
  return (
    <>
      {run.stages.map((stage, i) => {
        const step = i === 0 ? undefined : plan.steps[i - 1];
        const row = rows[i];
        if (!row) return null;
        const selected = drawing.selected?.path === path && drawing.selected.stage === i;
        const key = inside(path, stage.key ?? '');
        return (
          <Fragment key={stage.key ?? 'stack'}>
            {i > 0 && joining(i - 1).map(block)}
            <RunRow
              title={step ? stepTitle(step.operation) : texts.stack}
              words={step ? <StepWords operation={step.operation} /> : <StackWords stack={plan.stack} />}
              stage={stage}
              row={row}
              scale={drawing.scale}
              width={drawing.width}
              toneOf={drawing.toneOf}
              fit={stage.off ? null : <FitWords fits={stage.fits} />}
              dense={drawing.dense}
              inside={needsPicture(stage) ? pictureOf(stage, i) : undefined}
              marks={marksOf(drawing.flaws, path, i, stage)}
              findings={shownAt(run.findings, i)}
              selected={selected}
              onSelect={drawing.onSelect && (() => drawing.onSelect?.({ path, stage: i }))}
              made={<Made weld={drawing.welds.find((w) => w.stepKey === key)} />}
              handle={selected ? drawing.handle : undefined}
            >
              {selected && drawing.open}
            </RunRow>
          </Fragment>
        );
      })}
      {run.stop && joining(run.stop.step).map(block)}
      {run.stop && <Stopped run={run} plan={plan} path={path} drawing={drawing} />}
      {plan.parts.filter((p) => joinsAt(p) < 0 || (run.stop && joinsAt(p) > run.stop.step)).map(block)}
    </>
  );
}

/** The flaws of a stage, drawn on the bars they are in. */
function marksOf(flaws: readonly FlawView[], path: string, at: number, stage: Stage) {
  const here = flawsAt(flaws, path, at).filter(({ view }) => view.state !== 'HELD');
  if (here.length === 0 || stage.off) return undefined;
  return function Marks(nth: number, box: Box) {
    return here
      .filter(({ spot }) => spot.bar === nth)
      .map(({ view, spot }, i) => (
        <FlawMark
          key={`${view.flaw.id} ${i}`}
          spot={spot}
          stage={stage}
          box={box}
          open={view.flaw.state === 'OPEN'}
          label={`${FLAW_WORDS[view.flaw.kind]}: ${STATE_WORDS[view.state]}`}
        />
      ));
  };
}

/** A part's own Run, bracketed to the row where it joins. */
function PartRun({ part, run, path, drawing }: { part: Part; run: Run; path: string; drawing: RunDrawing }) {
  const own = inside(path, part.name);
  const { onRename } = drawing;
  return (
    <section
      aria-label={texts.part({ name: part.name })}
      className="relative my-1 border-y border-ink before:absolute before:inset-y-0 before:left-0 before:w-1.5 before:border-y before:border-l before:border-ink"
    >
      <PartHead part={part} onRename={onRename && ((name) => onRename(own, name))} />
      <RunRows run={run} plan={part.plan} path={own} drawing={drawing} />
    </section>
  );
}

function Made({ weld }: { weld: Weld | undefined }) {
  return weld ? (
    <span title={texts.logged({ value: OUTCOME_WORDS[weld.outcome] })}>
      <JointGlyph state={weld.outcome} size={15} />
      <span className="sr-only">{texts.logged({ value: OUTCOME_WORDS[weld.outcome] })}</span>
    </span>
  ) : null;
}

/** Where the plan cannot go on, and the steps that wait behind it. */
function Stopped({ run, plan, path, drawing }: { run: Run; plan: Plan; path: string; drawing: RunDrawing }) {
  if (!run.stop) return null;
  const { step, reason, remedy } = run.stop;
  return (
    <>
      {plan.steps.slice(step).map((s, i) => {
        const stage = step + 1 + i;
        const selected = drawing.selected?.path === path && drawing.selected.stage === stage;
        return (
          <div key={s.key} className={`border-b border-rule ${selected ? 'bg-panel' : ''}`}>
            <div className="grid grid-cols-[14rem_1fr] @max-2xl:grid-cols-1">
              <button
                type="button"
                aria-expanded={selected}
                className={`pr-3 pl-5 text-left ${drawing.dense ? 'py-0.5' : 'py-2.5'}`}
                onClick={() => drawing.onSelect?.({ path, stage })}
              >
                <span className="block font-semibold">{stepTitle(s.operation)}</span>
                <span className="condensed text-[13px] text-soft">
                  <StepWords operation={s.operation} />
                </span>
              </button>
              <div className={`border-l-2 border-ink px-4 ${drawing.dense ? 'py-0.5' : 'py-3'}`}>
                {i === 0 ? (
                  <p role="alert" className="flex gap-2">
                    <FindingMark severity="ERROR" />
                    <span>
                      <b>{texts.thisStepIsNotPossible}</b> <Words of={`${reason} ${remedy}`} />
                    </span>
                  </p>
                ) : (
                  <p className="text-soft">{texts.waitsForTheStepAbove}</p>
                )}
              </div>
            </div>
            {selected && drawing.open}
          </div>
        );
      })}
    </>
  );
}
