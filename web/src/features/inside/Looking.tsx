import * as texts from 'texts/inside/Looking';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { useMetric, Words } from '../../ui/Words';
import type { Billet, Run } from '../billet/api';
import { inside, withPlanAt } from '../billet/parts';
import type { Plan } from '../billet/plan';
import { stepTitle } from '../billet/StepWords';
import { useKeys } from '../billet/useKeys';
import type { Look, Sight } from '../picture/api';
import { LookFields } from './LookFields';
import { asked, firstLook } from './looks';
import { Overview } from './Overview';
import type { Aim } from '../picture/panes';
import type { Shown } from '../picture/PictureCanvas';
import { SaveFields } from './SaveFields';
import { TryFields } from './TryFields';
import { Viewer } from './Viewer';

const NO_SIZE = { width: 0, height: 0 };

/** One stage of a Run, looked at from anywhere. */
export function Looking({
  billet,
  run,
  path,
  stage: at,
  planned,
  trouble,
  keeping,
  undo,
  onStage,
  onKeep,
}: {
  billet: Billet;
  run: Run;
  path: string;
  stage: number;
  planned: Plan;
  trouble: Problem | null;
  keeping: boolean;
  /** Takes the last change of the plan made here back; null where there is none. */
  undo: (() => void) | null;
  onStage: (stage: number) => void;
  onKeep: (plan: Plan) => Promise<Problem | null>;
}) {
  const metric = useMetric();
  const stage = run.stages[at];
  const [plan, setPlan] = useState(planned);
  const [seen, setSeen] = useState(planned);
  if (seen !== planned) {
    setSeen(planned);
    setPlan(planned);
  }
  const [look, setLook] = useState<Look | null>(() => (stage ? firstLook(stage, metric) : null));
  const [aim, setAim] = useState<Aim | null>(null);
  const [bar, setBar] = useState(0);
  const [relief, setRelief] = useState(false);
  const [counting, setCounting] = useState(false);
  const [beside, setCompared] = useState<Sight | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  const [settled, setSettled] = useState<Sight | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const step = at === 0 ? undefined : planned.steps[at - 1];
  const title = step ? stepTitle(step.operation) : texts.stack;

  const sight = useMemo<Sight | null>(
    () =>
      look && {
        plan: withPlanAt(billet.plan, path, () => plan),
        path,
        stage: at,
        bar,
        look: asked(look),
        relief,
      },
    [billet.plan, path, plan, at, bar, look, relief],
  );
  useKeys({
    'ctrl+z': () => undo?.(),
    ArrowUp: () => onStage(Math.max(0, at - 1)),
    ArrowDown: () => onStage(Math.min(run.stages.length - 1, at + 1)),
  });
  if (!stage || !look || !sight || stage.count === 0) {
    return (
      <main className="p-10">
        <p className="pb-4 text-soft">{texts.noBarIsLeftAtThis}</p>
        <BackToRun billet={billet} path={path} step={step?.key} />
      </main>
    );
  }
  const lookAt = (next: Look) => {
    if (next.from !== look.from) setAim(null);
    setLook(next);
  };
  const failed = trouble ?? problem;

  return (
    <main className="grid h-full grid-cols-[1fr_20rem] grid-rows-[auto_1fr] max-lg:grid-cols-1 max-lg:grid-rows-[auto_28rem_auto] max-lg:overflow-y-auto">
      <div className="col-span-2 flex items-baseline justify-between gap-x-6 gap-y-2 border-b border-ink px-5 pt-3 pb-2 max-lg:col-span-1 max-lg:flex-wrap max-sm:px-3">
        <h1 className="min-w-0 truncate text-2xl">
          {billet.name}
          <span className="text-soft">
            {' '}
            · {path !== '' && `${path}: `}
            {texts.ofText({ toLowerCase: title.toLowerCase(), at, value: run.stages.length - 1 })}
          </span>
        </h1>
        <div className="flex shrink-0 flex-wrap gap-2 max-sm:shrink">
          {undo && (
            <Button onClick={undo} title={texts.ctrlZ}>
              {texts.undo}
            </Button>
          )}
          <Button disabled={at === 0} onClick={() => onStage(at - 1)} title={texts.upArrow}>
            {texts.previousStep}
          </Button>
          <Button
            disabled={at === run.stages.length - 1}
            onClick={() => onStage(at + 1)}
            title={texts.downArrow}
          >
            {texts.nextStep}
          </Button>
          <BackToRun billet={billet} path={path} step={step?.key} />
        </div>
      </div>
      <div className="flex min-h-0 min-w-0 flex-col">
        {stage.form !== 'ROUND' && (
          <div className="border-b border-rule px-5 py-3">
            <Overview
              sight={settled ?? sight}
              look={look}
              bar={{ length: stage.lengthMm, width: stage.widthMm }}
              aim={aim}
              size={shown?.size ?? NO_SIZE}
              onLook={lookAt}
              onAim={setAim}
            />
          </div>
        )}
        <div className={`grid min-h-0 flex-1 ${beside ? 'grid-cols-2' : ''}`}>
          <Viewer
            sight={sight}
            aim={aim}
            name={beside ? texts.now : ''}
            counting={counting}
            onAim={setAim}
            onShown={(now) => {
              setShown(now);
              // The overview waits until the hand rests.
              if (now.fine) setSettled(now.sight);
            }}
            onProblem={setProblem}
          />
          {beside && (
            <div className="border-l border-ink">
              <Viewer sight={beside} aim={aim} name={texts.compared} counting={counting} onAim={setAim} />
            </div>
          )}
        </div>
      </div>
      <aside
        aria-label={texts.look}
        className="flex flex-col gap-4 overflow-y-auto border-l border-ink bg-panel px-4 py-3 max-lg:overflow-visible max-lg:border-t max-lg:border-l-0"
      >
        {failed && (
          <Notice title={failed.title}>
            <Words of={`${failed.detail} ${failed.remedy}`} />
          </Notice>
        )}
        <LookFields
          look={look}
          stage={stage}
          layersGround={shown?.picture.layersGround ?? 0}
          onLook={lookAt}
        />
        {stage.count > 1 && (
          <div className="flex items-baseline gap-2">
            <Button disabled={bar === 0} onClick={() => setBar(bar - 1)}>
              {texts.previousBar}
            </Button>
            <span>{texts.ofText2({ value: bar + 1, count: stage.count })}</span>
            <Button disabled={bar + 1 >= stage.count} onClick={() => setBar(bar + 1)}>
              {texts.nextBar}
            </Button>
          </div>
        )}
        <div className="flex flex-wrap gap-2">
          <Button aria-pressed={counting} onClick={() => setCounting(!counting)}>
            {counting ? texts.pan : texts.countLayersAlongALine}
          </Button>
          <Button aria-pressed={relief} onClick={() => setRelief(!relief)}>
            {relief ? texts.flat : texts.deepEtched}
          </Button>
          <Button aria-pressed={beside !== null} onClick={() => setCompared(beside ? null : sight)}>
            {beside ? texts.closeComparison : texts.compare}
          </Button>
        </div>
        <TryFields
          plan={plan}
          planned={planned}
          stage={at}
          onPlan={setPlan}
          keeping={keeping}
          onKeep={() => void onKeep(plan).then(setProblem)}
        />
        <SaveFields sight={sight} shown={shown} title={`${billet.name}, ${title.toLowerCase()}`} />
      </aside>
    </main>
  );
}

function BackToRun({ billet, path, step }: { billet: Billet; path: string; step: string | undefined }) {
  return (
    <Link
      to={`/billets/${billet.id}`}
      state={step === undefined ? null : { stepKey: inside(path, step) }}
      className="border border-line px-3 py-1.5 hover:border-ink"
    >
      {texts.backToTheRun}
    </Link>
  );
}
