import * as texts from 'texts/billet/BilletView';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { LoadFailed, Notice } from '../../ui/Notice';
import type { Billet } from './api';
import { BilletHead } from './BilletHead';
import { Cautions } from './Cautions';
import { CutListView } from './CutListView';
import { flawsQuery } from './flaws';
import { Grips } from './Grips';
import { insideOf } from './insideOf';
import { KeyStrip } from './Keys';
import { NotStored } from './NotStored';
import { OpenStep } from './OpenStep';
import { runAt } from './parts';
import type { Plan } from './plan';
import { RunView } from './RunView';
import { ShorthandLine } from './ShorthandLine';
import { StagePanel } from './StagePanel';
import { KINDS } from './stepKinds';
import { useBench } from './useBench';
import { useBillet } from './useBillet';
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

function Bench({ billet, editing }: { billet: Billet; editing: ReturnType<typeof useBillet> }) {
  const state = useLocation().state as { stepKey?: string; plan?: Plan } | null;
  const navigate = useNavigate();
  const [showKeys, setShowKeys] = useState(false);
  const [showCutList, setShowCutList] = useState(false);
  const bench = useBench(billet, editing, state?.stepKey, state?.plan);
  const { plan, run } = billet;
  const { place, here, step } = bench;
  const { stage } = place;
  const flaws = useQuery({
    ...flawsQuery(billet.id),
    queryKey: [...flawsQuery(billet.id).queryKey, billet.version],
  });

  useKeys({
    ArrowUp: () => bench.open(Math.max(0, stage - 1)),
    ArrowDown: () => bench.open(Math.min(here.steps.length, stage + 1)),
    Enter: () => document.querySelector<HTMLElement>('[data-open-step] input')?.focus(),
    Delete: bench.takeOut,
    i: bench.copy,
    '-': bench.leaveOut,
    p: bench.nextPath,
    v: () => void navigate(insideOf(billet.id, place)),
    'ctrl+z': editing.undo,
    'ctrl+shift+z': editing.redo,
    'ctrl+y': editing.redo,
    '?': () => setShowKeys(!showKeys),
    s: () => document.getElementById('shorthand')?.focus(),
    l: () => document.querySelector<HTMLElement>('[data-weld-log] form input')?.focus(),
    ...Object.fromEntries(KINDS.map((k) => [k.letter, () => void bench.add(k.kind)])),
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
        onRename={bench.rename}
        showCutList={showCutList}
        onCutList={() => setShowCutList(!showCutList)}
      />
      <ShorthandLine line={run.line} onCommit={bench.commitLine} />
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
              selected={place}
              onSelect={bench.setPlace}
              onRename={bench.renamePart}
              handle={(figure, top, scale) => (
                <Grips
                  operation={step?.operation ?? { kind: 'stack', lengthMm: here.stack.lengthMm }}
                  figure={figure}
                  top={top}
                  scale={scale}
                  onPut={bench.put}
                />
              )}
              open={
                <OpenStep
                  plan={here}
                  stage={stage}
                  showKeys={showKeys}
                  onPlan={bench.changePlan}
                  onAdd={bench.add}
                  onPart={bench.layPart}
                  actions={{
                    onMove: bench.move,
                    onCopy: bench.copy,
                    onOff: bench.leaveOut,
                    onTakeOut: bench.takeOut,
                    onTakePartOut: place.path === '' ? undefined : bench.takePartOut,
                  }}
                />
              }
            />
          </div>
          <StagePanel
            billet={billet}
            run={runAt(run, place.path)}
            place={place}
            step={step}
            onApply={bench.applyRemedy}
            onPlan={bench.changeWhole}
            flaws={flaws.data ?? []}
            onStep={bench.stepAfter}
            onMeasured={bench.measure}
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
