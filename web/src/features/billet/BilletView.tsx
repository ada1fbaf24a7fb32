import * as texts from 'texts/billet/BilletView';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed, Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { useWriteEntry } from '../book/useWriteEntry';
import { addStep, readLine, waitingQuery, type Billet, type Remedy } from './api';
import { Cautions } from './Cautions';
import { BilletHead } from './BilletHead';
import { CutListView } from './CutListView';
import { flawsQuery } from './flaws';
import { Grips } from './Grips';
import { KeyStrip } from './Keys';
import { PART } from './LaidFields';
import { insideOf } from './insideOf';
import { newPart } from './newPart';
import { OpenStep } from './OpenStep';
import {
  inside,
  planAt,
  runAt,
  withoutPart,
  withPart,
  withPartRenamed,
  withPlanAt,
  type Place,
} from './parts';
import {
  laidOf,
  withChange,
  withCopy,
  withMeasured,
  withOff,
  withOperation,
  withoutStep,
  withStepBefore,
  withStepMoved,
  type Measured,
  type Operation,
  type Plan,
} from './plan';
import { KINDS } from './stepKinds';
import { RunView } from './RunView';
import { stageOfStep } from './runRows';
import { ShorthandLine } from './ShorthandLine';
import { StagePanel } from './StagePanel';
import { isNotStored, useBillet, type Trouble } from './useBillet';
import { useKeys } from './useKeys';

/** One billet: its Run, and the open stage beside it. */
export function BilletView() {
  const { id } = useParams();
  return <OpenBillet key={id} id={Number(id)} />;
}

function OpenBillet({ id }: { id: number }) {
  const editing = useBillet(id);
  const { query, billet } = editing;
  if (query.isError && !billet) return <LoadFailed error={query.error} again={() => void query.refetch()} />;
  if (!billet) return <p className="p-10 text-soft">{texts.loadingTheBillet}</p>;
  return <Bench billet={billet} editing={editing} />;
}

/** The stage to open first: the one asked for, else the next weld to make, else the end. */
function firstPlace(billet: Billet, stepKey: string | undefined): Place {
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
const paths = (plan: Plan, path = ''): string[] => [
  path,
  ...plan.parts.flatMap((p) => paths(p.plan, inside(path, p.name))),
];

function Bench({ billet, editing }: { billet: Billet; editing: ReturnType<typeof useBillet> }) {
  const state = useLocation().state as { stepKey?: string; plan?: Plan } | null;
  const client = useQueryClient();
  const navigate = useNavigate();
  const { plan, run } = billet;
  const [asked, setAsked] = useState(() => firstPlace(billet, state?.stepKey));
  const [showKeys, setShowKeys] = useState(false);
  const [showCutList, setShowCutList] = useState(false);
  const path = planAt(plan, asked.path) ? asked.path : '';
  const here = planAt(plan, path) ?? plan;
  const selected = Math.min(asked.stage, here.steps.length);
  const step = here.steps[selected - 1];
  const open = (stage: number) => setAsked({ path, stage });

  const found = state?.plan;
  const { change } = editing;
  const writing = useWriteEntry(billet.id);
  const flaws = useQuery({
    ...flawsQuery(billet.id),
    queryKey: [...flawsQuery(billet.id).queryKey, billet.version],
  });
  const taken = useRef(false);
  useEffect(() => {
    // A way the Finder found comes in as an edit like any other, and can be undone.
    if (!found || taken.current) return;
    taken.current = true;
    window.history.replaceState({}, '');
    void change((doc) => ({ ...doc, plan: found }));
  }, [found, change]);

  const said = (problem: Problem | null) =>
    problem && (isNotStored(problem) ? texts.notSavedYetSeeAbove : problem.detail);
  const changeWhole = async (edit: (plan: Plan) => Plan) =>
    said(await editing.change((doc) => ({ ...doc, plan: edit(doc.plan) })));
  const changePlan = (edit: (plan: Plan) => Plan) => changeWhole((p) => withPlanAt(p, path, edit));
  const add = async (words: string) => {
    try {
      const more = await addStep(here, selected, words);
      const wrong = await changePlan(() => more);
      if (wrong === null) open(selected + 1);
      return wrong;
    } catch (e) {
      return Problem.from(e).detail;
    }
  };
  const layPart = async (field: string, choice: string) => {
    try {
      const part = choice.startsWith(PART) ? null : await newPart(here, choice, client);
      const name = part?.name ?? choice.slice(PART.length);
      const wrong = await changePlan((p) =>
        withChange(part ? withPart(p, part) : p, selected - 1, (o) => ({
          [field]: [
            ...(laidOf(o).find(([f]) => f === field)?.[1] ?? []),
            { part: name, turn: 'SAME', shims: [] },
          ],
        })),
      );
      await client.invalidateQueries(waitingQuery);
      return wrong;
    } catch (e) {
      return Problem.from(e).detail;
    }
  };
  const commitLine = async (line: string): Promise<Problem | null> => {
    try {
      const read = await readLine(line, plan);
      return await editing.change((doc) => ({ ...doc, plan: read }));
    } catch (e) {
      return Problem.from(e);
    }
  };
  const renamePart = (at: string, name: string) => {
    const stroke = at.lastIndexOf('/');
    const outer = stroke < 0 ? '' : at.slice(0, stroke);
    const called = at.slice(stroke + 1);
    return changeWhole((p) => withPlanAt(p, outer, (o) => withPartRenamed(o, called, name))).then((wrong) => {
      if (wrong === null && (path === at || path.startsWith(`${at}/`))) {
        setAsked({ path: inside(outer, name) + path.slice(at.length), stage: selected });
      }
      return wrong;
    });
  };
  const takePartOut = () => {
    const stroke = path.lastIndexOf('/');
    const outer = stroke < 0 ? '' : path.slice(0, stroke);
    setAsked({ path: outer, stage: planAt(plan, outer)?.steps.length ?? 0 });
    void changeWhole((p) => withPlanAt(p, outer, (o) => withoutPart(o, path.slice(stroke + 1))));
  };
  const move = (by: -1 | 1) => {
    void changePlan((p) => withStepMoved(p, selected - 1, by));
    open(Math.min(here.steps.length, Math.max(1, selected + by)));
  };
  const takeOut = () => {
    if (!step) return;
    void changePlan((p) => withoutStep(p, selected - 1));
    open(selected - 1);
  };
  const copy = () => {
    if (!step) return;
    void changePlan((p) => withCopy(p, selected - 1));
    open(selected + 1);
  };
  const leaveOut = () => {
    if (step) void changePlan((p) => withOff(p, selected - 1));
  };
  const put = (field: string, mm: number) =>
    void changePlan((p) =>
      step
        ? withChange(p, selected - 1, () => ({ [field]: mm }))
        : { ...p, stack: { ...p.stack, [field]: mm } },
    );
  const stepAfter = async (operation: Operation) => {
    let key = '';
    const wrong = await changePlan((p) => {
      const more = withStepBefore(p, selected, operation);
      key = more.steps[selected]?.key ?? '';
      return more;
    });
    if (wrong !== null) return { wrong };
    open(selected + 1);
    return { key: inside(path, key) };
  };
  const measure = async (measured: Measured | null) => {
    const wrong = await changePlan((p) => withMeasured(p, selected - 1, measured));
    if (wrong === null && measured && step) {
      const at = new Date().toISOString();
      const bar = { stepKey: inside(path, step.key), at, sizes: measured, note: '' };
      try {
        await writing.mutateAsync({ says: { measured: bar } });
      } catch (e) {
        return texts.theRunUsesItButIt({ detail: Problem.from(e).detail });
      }
    }
    return wrong;
  };
  const applyRemedy = ({ instead, before, stack }: Remedy) => {
    void changePlan((p) =>
      instead
        ? withOperation(p, selected - 1, instead)
        : before
          ? withStepBefore(p, selected - 1, before)
          : stack
            ? { ...p, stack }
            : p,
    );
  };
  const nextPath = () => {
    const all = paths(plan);
    const next = all[(all.indexOf(path) + 1) % all.length] ?? '';
    setAsked({ path: next, stage: planAt(plan, next)?.steps.length ?? 0 });
  };

  useKeys({
    ArrowUp: () => open(Math.max(0, selected - 1)),
    ArrowDown: () => open(Math.min(here.steps.length, selected + 1)),
    Enter: () => document.querySelector<HTMLElement>('[data-open-step] input')?.focus(),
    Delete: takeOut,
    i: copy,
    '-': leaveOut,
    p: nextPath,
    v: () => void navigate(insideOf(billet.id, { path, stage: selected })),
    'ctrl+z': editing.undo,
    'ctrl+shift+z': editing.redo,
    'ctrl+y': editing.redo,
    '?': () => setShowKeys(!showKeys),
    s: () => document.getElementById('shorthand')?.focus(),
    l: () => document.querySelector<HTMLElement>('[data-weld-log] form input')?.focus(),
    ...Object.fromEntries(KINDS.map((k) => [k.letter, () => void add(k.kind)])),
  });

  return (
    <main className="flex h-full flex-col max-lg:block max-lg:overflow-y-auto">
      <BilletHead
        billet={billet}
        busy={editing.busy}
        canUndo={editing.canUndo}
        canRedo={editing.canRedo}
        onUndo={editing.undo}
        onRedo={editing.redo}
        onRename={async (names) => said(await editing.change((doc) => ({ ...doc, ...names })))}
        showCutList={showCutList}
        onCutList={() => setShowCutList(!showCutList)}
      />
      <ShorthandLine line={run.line} onCommit={commitLine} />
      <Cautions cautions={run.cautions} />
      {editing.refused && (
        <Notice title={editing.refused.title}>
          {editing.refused.detail} {editing.refused.remedy}
        </Notice>
      )}
      {editing.trouble && (
        <NotStored
          trouble={editing.trouble}
          onTheirs={() => void editing.takeTheirs()}
          onMine={() => void editing.keepMine()}
        />
      )}
      {showCutList ? (
        <div className="min-h-0 flex-1 overflow-y-auto border-t border-ink">
          <CutListView plan={plan} />
        </div>
      ) : (
        <div className="grid min-h-0 flex-1 grid-cols-[1fr_19rem] border-t border-ink max-lg:block">
          <div className="overflow-y-auto max-lg:overflow-visible">
            <RunView
              run={run}
              plan={plan}
              welds={billet.welds}
              flaws={flaws.data ?? []}
              selected={{ path, stage: selected }}
              onSelect={setAsked}
              onRename={renamePart}
              handle={(figure, top, scale) => (
                <Grips
                  operation={step?.operation ?? { kind: 'stack', lengthMm: here.stack.lengthMm }}
                  figure={figure}
                  top={top}
                  scale={scale}
                  onPut={put}
                />
              )}
              open={
                <OpenStep
                  plan={here}
                  stage={selected}
                  showKeys={showKeys}
                  onPlan={changePlan}
                  onAdd={add}
                  onPart={layPart}
                  actions={{
                    onMove: move,
                    onCopy: copy,
                    onOff: leaveOut,
                    onTakeOut: takeOut,
                    onTakePartOut: path === '' ? undefined : takePartOut,
                  }}
                />
              }
            />
          </div>
          <StagePanel
            billet={billet}
            run={runAt(run, path)}
            place={{ path, stage: selected }}
            step={step}
            onApply={applyRemedy}
            onPlan={changeWhole}
            flaws={flaws.data ?? []}
            onStep={stepAfter}
            onMeasured={measure}
          />
        </div>
      )}
      {showKeys ? (
        <KeyStrip />
      ) : (
        <button
          type="button"
          className="border-t border-rule px-5 py-1 text-left text-[13px] text-soft hover:text-ink"
          onClick={() => setShowKeys(true)}
        >
          {texts.showsTheKeys}
        </button>
      )}
    </main>
  );
}

function NotStored({
  trouble,
  onTheirs,
  onMine,
}: {
  trouble: Trouble;
  onTheirs: () => void;
  onMine: () => void;
}) {
  const stale = trouble.problem.status === 409;
  return (
    <div className="px-5 pb-3">
      <Notice title={trouble.problem.title}>
        <Words of={texts.yourLastChangeIsNotSaved({ detail: trouble.problem.detail })} />
        <span className="flex gap-4 pt-2 text-ink">
          <Button onClick={onMine}>{stale ? texts.keepMine : texts.tryAgain}</Button>
          <Button onClick={onTheirs}>{stale ? texts.useTheSavedVersion : texts.discardMyChange}</Button>
        </span>
      </Notice>
    </div>
  );
}
