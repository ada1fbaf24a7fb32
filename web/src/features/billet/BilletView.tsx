import { useState } from 'react';
import { useLocation, useParams } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed, Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { addStep, readLine, type Billet } from './api';
import { BilletHead } from './BilletHead';
import { Grips } from './Grips';
import { KeyStrip } from './Keys';
import { OpenStep } from './OpenStep';
import { KINDS, withChange, withOperation, withoutStep, withStepMoved, type Plan } from './plan';
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
  if (!billet) return <p className="p-10 text-soft">Fetching the billet …</p>;
  return <Bench billet={billet} editing={editing} />;
}

/** The stage to open first: the one asked for, else the next weld to make, else the end. */
function firstStage(billet: Billet, stepKey: string | undefined): number {
  const asked = billet.plan.steps.findIndex((s) => s.key === stepKey);
  if (asked >= 0) return stageOfStep(asked);
  const { flaw, nextWeld } = billet.standing;
  const step = flaw ?? nextWeld;
  return step === null ? billet.plan.steps.length : stageOfStep(step);
}

function Bench({ billet, editing }: { billet: Billet; editing: ReturnType<typeof useBillet> }) {
  const state = useLocation().state as { stepKey?: string } | null;
  const { plan, run } = billet;
  const [asked, setAsked] = useState(() => firstStage(billet, state?.stepKey));
  const [showKeys, setShowKeys] = useState(false);
  const selected = Math.min(asked, plan.steps.length);
  const step = plan.steps[selected - 1];

  const said = (problem: Problem | null) =>
    problem && (isNotStored(problem) ? 'Not stored yet; see above.' : problem.detail);
  const changePlan = async (edit: (plan: Plan) => Plan) =>
    said(await editing.change((doc) => ({ ...doc, plan: edit(doc.plan) })));
  const add = async (words: string) => {
    try {
      const more = await addStep(plan, selected, words);
      const wrong = await changePlan(() => more);
      if (wrong === null) setAsked(selected + 1);
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
  const move = (by: -1 | 1) => {
    void changePlan((p) => withStepMoved(p, selected - 1, by));
    setAsked(Math.min(plan.steps.length, Math.max(1, selected + by)));
  };
  const takeOut = () => {
    if (!step) return;
    void changePlan((p) => withoutStep(p, selected - 1));
    setAsked(selected - 1);
  };
  const put = (field: string, mm: number) =>
    void changePlan((p) =>
      step
        ? withChange(p, selected - 1, () => ({ [field]: mm }))
        : { ...p, stack: { ...p.stack, [field]: mm } },
    );

  useKeys({
    ArrowUp: () => setAsked(Math.max(0, selected - 1)),
    ArrowDown: () => setAsked(Math.min(plan.steps.length, selected + 1)),
    Enter: () => document.querySelector<HTMLElement>('[data-open-step] input')?.focus(),
    Delete: takeOut,
    'ctrl+z': editing.undo,
    'ctrl+shift+z': editing.redo,
    'ctrl+y': editing.redo,
    '?': () => setShowKeys(!showKeys),
    s: () => document.getElementById('shorthand')?.focus(),
    l: () => document.querySelector<HTMLElement>('[aria-label="Weld log"] form input')?.focus(),
    ...Object.fromEntries(KINDS.map((k) => [k.letter, () => void add(k.kind)])),
  });

  return (
    <main className="flex h-full flex-col">
      <BilletHead
        billet={billet}
        busy={editing.busy}
        canUndo={editing.canUndo}
        canRedo={editing.canRedo}
        onUndo={editing.undo}
        onRedo={editing.redo}
        onRename={async (names) => said(await editing.change((doc) => ({ ...doc, ...names })))}
      />
      <ShorthandLine line={run.line} onCommit={commitLine} />
      {editing.trouble && (
        <NotStored
          trouble={editing.trouble}
          onTheirs={() => void editing.takeTheirs()}
          onMine={() => void editing.keepMine()}
        />
      )}
      <div className="grid min-h-0 flex-1 grid-cols-[1fr_19rem] border-t border-ink">
        <div className="overflow-y-auto">
          <RunView
            run={run}
            plan={plan}
            welds={billet.welds}
            selected={selected}
            onSelect={setAsked}
            handle={(figure, top, scale) => (
              <Grips
                operation={step?.operation ?? { kind: 'stack', lengthMm: plan.stack.lengthMm }}
                figure={figure}
                top={top}
                scale={scale}
                onPut={put}
              />
            )}
            open={
              <OpenStep
                plan={plan}
                stage={selected}
                showKeys={showKeys}
                onPlan={changePlan}
                onAdd={add}
                onMove={move}
                onTakeOut={takeOut}
              />
            }
          />
        </div>
        <StagePanel
          billet={billet}
          index={selected}
          step={step}
          onMend={(instead) => void changePlan((p) => withOperation(p, selected - 1, instead))}
        />
      </div>
      {showKeys ? (
        <KeyStrip />
      ) : (
        <button
          type="button"
          className="border-t border-rule px-5 py-1 text-left text-[13px] text-soft hover:text-ink"
          onClick={() => setShowKeys(true)}
        >
          ? shows the keys
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
        <Words of={`${trouble.problem.detail} Your last change is not stored.`} />
        <span className="flex gap-4 pt-2 text-ink">
          <Button onClick={onMine}>{stale ? 'Put mine on top' : 'Try again'}</Button>
          <Button onClick={onTheirs}>{stale ? 'Take what is there' : 'Leave it as it was'}</Button>
        </span>
      </Notice>
    </div>
  );
}
