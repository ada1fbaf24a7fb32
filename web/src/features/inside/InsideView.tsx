import * as texts from 'texts/inside/InsideView';
import { useParams, useSearchParams } from 'react-router';
import { LoadFailed } from '../../ui/Notice';
import { planAt, runAt, withPlanAt } from '../billet/parts';
import { useBillet } from '../billet/useBillet';
import { Looking } from './Looking';

/** What the steel of one stage will look like, large. */
export function InsideView() {
  const { id } = useParams();
  return <OfBillet key={id} id={Number(id)} />;
}

function OfBillet({ id }: { id: number }) {
  const [params, setParams] = useSearchParams();
  const editing = useBillet(id);
  const { query, billet } = editing;
  if (query.isError && !billet) return <LoadFailed error={query.error} again={() => void query.refetch()} />;
  if (!billet) return <p className="p-10 text-soft">{texts.loadingTheBillet}</p>;
  const asked = params.get('part') ?? '';
  const path = planAt(billet.plan, asked) ? asked : '';
  const run = runAt(billet.run, path);
  const last = run.stages.length - 1;
  const stage = Math.min(last, Math.max(0, Number(params.get('stage') ?? last)));
  const plan = planAt(billet.plan, path) ?? billet.plan;
  return (
    <Looking
      key={`${path} ${stage}`}
      billet={billet}
      run={run}
      path={path}
      stage={stage}
      planned={plan}
      trouble={editing.trouble?.problem ?? null}
      keeping={editing.busy}
      undo={editing.canUndo ? editing.undo : null}
      onStage={(to) => setParams({ ...(path && { part: path }), stage: String(to) }, { replace: true })}
      onKeep={(kept) => editing.change((doc) => ({ ...doc, plan: withPlanAt(doc.plan, path, () => kept) }))}
    />
  );
}
