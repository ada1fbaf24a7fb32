import * as texts from 'texts/bench/BenchView';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { LoadFailed } from '../../ui/Notice';
import { billetQuery, type Billet } from '../billet/api';
import { Cautions } from '../billet/Cautions';
import { CutListView } from '../billet/CutListView';
import { useKeys } from '../billet/useKeys';
import { workQuery, type StepToWork } from './api';
import { BenchActions } from './BenchActions';
import { BenchStep } from './BenchStep';
import { placeOf } from './place';
import { useScrollFocus } from '../../ui/useScrollFocus';

/** A billet in one hand: the next step, its sizes and marks large, and what is done about it. */
export function BenchView() {
  const id = Number(useParams().id);
  const billet = useQuery(billetQuery(id));
  const work = useQuery(workQuery(id));
  const failed = billet.isError ? billet : work.isError ? work : null;
  if (failed) return <LoadFailed error={failed.error} again={() => void failed.refetch()} />;
  if (!billet.data || !work.data) return <p className="p-10 text-soft">{texts.loadingTheBillet}</p>;
  return <Open key={id} billet={billet.data} work={work.data} />;
}

/** Before the first step: the pieces to cut. */
const CUT_LIST = -1;

function Open({ billet, work }: { billet: Billet; work: readonly StepToWork[] }) {
  const scrolls = useScrollFocus();
  const next = work.findIndex((s) => !s.done);
  const begun = work.some((s) => s.done);
  /** Null follows the work: the next step as it is ticked off. */
  const [asked, setAsked] = useState<number | null>(null);
  const usual = !begun ? CUT_LIST : next === -1 ? work.length - 1 : next;
  const at = asked === null ? usual : Math.min(asked, work.length - 1);
  const step = work[at];
  const go = (to: number) => setAsked(Math.max(CUT_LIST, Math.min(work.length - 1, to)));
  useKeys({ ArrowLeft: () => go(at - 1), ArrowRight: () => go(at + 1) });
  return (
    <main className="flex h-full flex-col">
      <div className="flex items-baseline gap-x-4 px-4 pt-2">
        <Link to={`/billets/${billet.id}`} className="min-h-11 underline decoration-line underline-offset-4">
          {billet.name}
        </Link>
        <span className="ml-auto whitespace-nowrap text-soft">
          {step
            ? texts.stepOf({ step: at + 1, steps: work.length })
            : texts.steps({ steps: work.length, done: work.filter((s) => s.done).length })}
        </span>
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto px-4 pb-4" ref={scrolls}>
        {step ? (
          <BenchStep key={step.path} billet={billet} step={step} />
        ) : (
          <>
            <h1 className="text-3xl">{texts.cutThePieces}</h1>
            <div className="-mx-4">
              <CutListView plan={billet.plan} />
              <Cautions cautions={billet.run.cautions} />
            </div>
          </>
        )}
      </div>
      <BenchActions
        billetId={billet.id}
        step={step}
        isWeld={step !== undefined && placeOf(billet, step.path)?.step.operation.kind === 'set'}
        first={at === CUT_LIST}
        last={at === work.length - 1}
        onGo={(by) => go(at + by)}
        onTicked={() => setAsked(null)}
      />
    </main>
  );
}
