import * as texts from 'texts/billet/StagePanel';
import { useState } from 'react';
import { Link } from 'react-router';
import { EndSection } from '../../figures/EndSection';
import { Button } from '../../ui/Button';
import { Length, Words } from '../../ui/Words';
import { SmallPicture } from '../picture/SmallPicture';
import type { Spot } from '../book/api';
import { useTones } from '../steel/api';
import type { Billet, Finding, Remedy, Run, Stage } from './api';
import { shownAt } from './FindingMark';
import { Findings } from './Findings';
import { FlawList } from './FlawList';
import { flawsAt, sessionThatMade, type FlawView } from './flaws';
import { Ledger } from './Ledger';
import { insideOf } from './insideOf';
import { InspectionDialog } from './InspectionDialog';
import { Marks, StopHeights } from './Marks';
import { MeasureFields } from './MeasureFields';
import { inside, planAt } from './parts';
import type { Measured, Operation, Plan, Step } from './plan';
import type { Place } from './parts';
import { endOf, needsPicture, wholeEnd } from './stageSights';
import { stepTitle } from './StepWords';
import { WantedFields } from './WantedFields';
import { WhyOpen } from '../weldmap/WhyOpen';
import { WeldMapPanel } from '../weldmap/WeldMapPanel';
import { WeldLog } from './WeldLog';

type SetWeld = Extract<Operation, { kind: 'set' }>;

const LARGEST = { width: 248, height: 150 };

/** What can be done with a photograph of the bar. */
const PHOTOGRAPHED = [
  ['count', texts.countLayers],
  ['measure', texts.measureInPhotograph],
  ['compare', texts.comparePattern],
  ['flaws', texts.findFlaws],
] as const;

/** The open stage beside the Run: its end large, the count and why, findings, and the Book. */
export function StagePanel({
  billet,
  run,
  place,
  step,
  onApply,
  onPlan,
  flaws,
  onStep,
  onMeasured,
}: {
  billet: Billet;
  /** The Run the open stage belongs to: the billet's or a part's. */
  run: Run;
  place: Place;
  step: Step | undefined;
  onApply: (remedy: Remedy) => void;
  /** Edits the billet's own plan. */
  onPlan: (edit: (plan: Plan) => Plan) => Promise<string | null>;
  flaws: readonly FlawView[];
  /** Puts a step after the open stage; answers with its path, or what is wrong. */
  onStep: (operation: Operation) => Promise<{ key: string } | { wrong: string }>;
  onMeasured: (measured: Measured | null) => Promise<string | null>;
}) {
  const [looking, setLooking] = useState(false);
  const stage = run.stages[place.stage];
  const findings = shownAt(run.findings, place.stage);
  const last = place.stage === run.stages.length - 1;
  const stepPath = step && inside(place.path, step.key);
  return (
    <aside
      aria-label={texts.openStage}
      className="overflow-y-auto border-l border-ink bg-panel px-4 py-3 max-lg:overflow-visible max-lg:border-t max-lg:border-l-0"
    >
      <div>
        <h2 className="text-lg">
          {place.path !== '' && <span className="text-soft">{place.path}: </span>}
          {step ? stepTitle(step.operation) : texts.stack}
        </h2>
        <span className="flex flex-wrap gap-x-4 text-[14px]">
          {stage && stage.count > 0 && (
            <Link
              to={insideOf(billet.id, place)}
              className="underline decoration-line underline-offset-4 hover:decoration-ink"
              title={texts.v}
            >
              {texts.patternView}
            </Link>
          )}
          {stage && step && stepPath !== undefined && ['set', 'draw'].includes(step.operation.kind) && (
            <Link
              to={`/billets/${billet.id}/heat?step=${encodeURIComponent(stepPath)}`}
              className="underline decoration-line underline-offset-4 hover:decoration-ink"
            >
              {texts.heatPlan}
            </Link>
          )}
          {stage && place.path === '' && hasWaysOn(stage) && (
            <Link
              to={`/finder?billet=${billet.id}&stage=${place.stage}`}
              className="underline decoration-line underline-offset-4 hover:decoration-ink"
            >
              {texts.continueFromHere}
            </Link>
          )}
          {stage && Object.keys(stage.section.bySteel).length > 1 && (
            <Link
              to={`/steels?with=${Object.keys(stage.section.bySteel).slice(0, 6).join(',')}`}
              className="underline decoration-line underline-offset-4 hover:decoration-ink"
            >
              {texts.steelCompatibility}
            </Link>
          )}
        </span>
      </div>
      {stage && (
        <FlawList
          billetId={billet.id}
          flaws={flawsAt(flaws, place.path, place.stage)}
          stage={stage}
          weld={lastWeld(billet.plan, place)}
          why={(joint, spot) => {
            const made = weldBefore(billet.plan, place);
            return (
              made && (
                <WhyOpen
                  plan={billet.plan}
                  step={inside(place.path, made)}
                  session={sessionThatMade(billet.welds, inside(place.path, made))}
                  place={openPlace(joint, spot, stage)}
                />
              )
            );
          }}
          onStep={onStep}
        />
      )}
      {stage ? (
        <Inside billet={billet} place={place} stage={stage} findings={findings} onApply={onApply} />
      ) : (
        <p className="py-3 text-soft">{texts.thePlanDoesNotReachThis}</p>
      )}
      {stage && step && stepPath !== undefined && stage.form !== 'BLADE' && stage.count > 0 && (
        <>
          <MeasureFields
            key={`measure ${stepPath}`}
            stage={stage}
            measured={step.measured ?? null}
            waysOn={
              place.path === '' && hasWaysOn(stage)
                ? `/finder?billet=${billet.id}&stage=${place.stage}`
                : null
            }
            onMeasured={onMeasured}
          />
          <p className="border-t border-rule py-2">
            <Button onClick={() => setLooking(true)}>{texts.addInspection}</Button>
          </p>
          <p className="flex flex-wrap gap-x-4 gap-y-1 pb-2">
            <span className="text-soft">{texts.inPhotograph}</span>
            {PHOTOGRAPHED.map(([task, words]) => (
              <Link
                key={task}
                to={`/billets/${billet.id}/${task}?step=${encodeURIComponent(stepPath)}`}
                className="underline decoration-line underline-offset-4 hover:decoration-ink"
              >
                {words}
              </Link>
            ))}
          </p>
          {looking && (
            <InspectionDialog
              billetId={billet.id}
              stepKey={stepPath}
              stage={stage}
              onClose={() => setLooking(false)}
            />
          )}
        </>
      )}
      {stage?.marks && <Marks marks={stage.marks} />}
      {stage?.stops && <StopHeights stops={stage.stops} />}
      {last && <Ledger run={run} />}
      {last && place.path === '' && <WantedFields plan={billet.plan} run={billet.run} onPlan={onPlan} />}
      {stage && step?.operation.kind === 'set' && !step.off && stepPath !== undefined && (
        <WeldMapPanel
          narrow
          key={`map ${stepPath}`}
          plan={billet.plan}
          step={stepPath}
          onApply={({ instead, stack }) => onApply({ label: '', instead, before: null, stack })}
        />
      )}
      {step?.operation.kind === 'set' && stepPath !== undefined && (
        <WeldLog
          key={stepPath}
          billetId={billet.id}
          plan={billet.plan}
          stepKey={stepPath}
          planned={step.operation}
          welds={billet.welds.filter((w) => w.stepKey === stepPath)}
        />
      )}
    </aside>
  );
}

/** The weld last set before a stage, for welding over again as it was welded. */
function lastWeld(plan: Plan, place: Place): SetWeld {
  const steps = planAt(plan, place.path)?.steps.slice(0, place.stage) ?? [];
  const weld = steps
    .map((s) => s.operation)
    .filter((o): o is SetWeld => o.kind === 'set')
    .at(-1);
  return (
    weld ?? {
      kind: 'set',
      heats: 2,
      reduction: 0.04,
      temperatureC: 1180,
      soakMin: 10,
      protection: 'BORAX',
      tack: 'WIRE',
      jacket: 'BEAD',
      tool: 'FLAT',
      bites: 0,
    }
  );
}

/** The key of the weld last set before a stage, null where there is none. */
const weldBefore = (plan: Plan, place: Place): string | null =>
  planAt(plan, place.path)
    ?.steps.slice(0, place.stage)
    .filter((s) => s.operation.kind === 'set' && !s.off)
    .at(-1)?.key ?? null;

/** Where a flaw was in the weld: its place along is known only while the bar is one. */
const openPlace = (joint: number | null, spot: Spot, stage: Stage) => ({
  joint,
  along: stage.count === 1 ? part((spot.fromXMm + spot.toXMm) / 2, stage.lengthMm) : null,
  across: part((spot.fromYMm + spot.toYMm) / 2, stage.widthMm),
});

const part = (mm: number, ofMm: number) => Math.min(1, Math.max(0, mm / ofMm));

/** The Finder follows flat layers of square-edged bars. */
const hasWaysOn = (stage: Stage) =>
  stage.section.lie === 'LEVEL' && stage.form === 'BAR' && stage.fill === 1 && stage.count > 0;

function Inside({
  billet,
  place,
  stage,
  findings,
  onApply,
}: {
  billet: Billet;
  place: Place;
  stage: Stage;
  findings: readonly Finding[];
  onApply: (remedy: Remedy) => void;
}) {
  const toneOf = useTones();
  const { section } = stage;
  const scale = Math.min(LARGEST.width / section.widthMm, LARGEST.height / section.heightMm);
  const label = texts.theEndOfTheBarVisible({ visibleCount: stage.visibleCount });
  return (
    <>
      <div className="pt-2">
        {needsPicture(stage) ? (
          <SmallPicture
            sight={endOf(billet.plan, place.path, place.stage, stage)}
            pane={wholeEnd(section)}
            width={section.widthMm * scale}
            height={section.heightMm * scale}
            label={label}
          />
        ) : (
          <EndSection
            section={section}
            round={stage.form === 'ROUND'}
            scale={scale}
            toneOf={toneOf}
            label={label}
          />
        )}
      </div>
      <p className="condensed pt-1 text-[13px] text-soft">
        {texts.theEnd} <Length mm={stage.widthMm} /> × <Length mm={stage.heightMm} unit />
        {section.lie === 'LEVEL' && (
          <>
            {texts.layers} <Length mm={section.heightMm / stage.visibleCount} unit /> {texts.onAverage}
          </>
        )}
        {stage.fill < 1 && texts.voids({ value: Math.round((1 - stage.fill) * 100) })}
      </p>
      <p className="pt-2 leading-tight">
        <b className="block text-[44px]" data-count="visible">
          {stage.visibleCount.toLocaleString('en')}
        </b>{' '}
        <span className="text-soft">
          {texts.visibleLayersNominal({ value: stage.shopCount.toLocaleString('en') })}
        </span>
      </p>
      <p className="pb-3">
        <Words of={stage.why} />
      </p>
      <Findings billetId={billet.id} findings={findings} onApply={onApply} />
    </>
  );
}
