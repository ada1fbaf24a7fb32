import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field, INPUT } from '../../ui/Field';
import { MeasureField } from '../../ui/MeasureField';
import { LoadFailed, Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { rackQuery, startBillet } from './api';
import { RunView } from './RunView';
import { StackFields } from './StackFields';
import { steelsQuery } from '../steel/api';
import { stockQuery } from '../stock/api';
import { firstDraft } from './firstDraft';
import { useDraft, type Draft, type Round, type Worked } from './useDraft';

const MOST_ROUNDS = 6;

/** A new billet, begun with the steels named in the address. */
export function NewBilletView() {
  const [params] = useSearchParams();
  const steels = useQuery(steelsQuery);
  const shelf = useQuery(stockQuery);
  if (steels.isError) return <LoadFailed error={steels.error} again={() => void steels.refetch()} />;
  if (!steels.data || shelf.isPending) return <p className="p-10 text-soft">Fetching the steels …</p>;
  const asked = (params.get('steels') ?? '').split(',');
  return <Drafting first={firstDraft(asked, steels.data, shelf.data ?? [])} />;
}

/** Its stack and its restacks, with the whole Run beside them as they are chosen. */
function Drafting({ first }: { first: Draft }) {
  const [name, setName] = useState('');
  const [purpose, setPurpose] = useState('');
  const { draft, worked, change } = useDraft(first);
  const client = useQueryClient();
  const navigate = useNavigate();
  const start = useMutation({
    // Enter may come before the draft is worked through; then it waits for that.
    mutationFn: async () => {
      const drafted = worked.data ?? (await worked.refetch({ throwOnError: true })).data;
      if (!drafted) throw Problem.offline();
      return startBillet({ name, purpose, plan: drafted.plan });
    },
    onSuccess: async (billet) => {
      await client.invalidateQueries(rackQuery);
      await navigate(`/billets/${billet.id}`);
    },
  });

  const withRound = (i: number, round: Partial<Round>) =>
    change((d) => ({ ...d, rounds: d.rounds.map((r, k) => (k === i ? { ...r, ...round } : r)) }));
  const problem = start.error instanceof Problem ? start.error : null;
  const nameWrong = problem?.where === '/name' ? problem.detail : null;

  return (
    <main className="grid h-full grid-cols-[25rem_1fr]">
      <form
        className="flex flex-col gap-4 overflow-y-auto border-r border-ink bg-panel px-5 py-4"
        onSubmit={(e) => {
          e.preventDefault();
          if (!start.isPending) start.mutate();
        }}
      >
        <h1 className="text-2xl">New billet</h1>
        <Field label="Name" error={nameWrong}>
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={name}
              maxLength={120}
              autoFocus
              placeholder="what the shop will call it"
              onChange={(e) => setName(e.target.value)}
            />
          )}
        </Field>
        <Field label="What it is for">
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={purpose}
              maxLength={500}
              onChange={(e) => setPurpose(e.target.value)}
            />
          )}
        </Field>
        <section aria-label="Stack" className="border-t border-line pt-3">
          <h2 className="pb-2 text-lg">Stack</h2>
          <StackFields
            stack={draft.stack}
            onChange={(edit) => change((d) => ({ ...d, stack: edit(d.stack) }))}
          />
        </section>
        <section aria-label="Restacks" className="border-t border-line pt-3">
          <h2 className="pb-2 text-lg">Restacks</h2>
          <div className="grid gap-3">
            {draft.rounds.map((r, i) => (
              <div key={i} className="flex items-end gap-3">
                <MeasureField
                  label={`Cut ${i + 1} into`}
                  measure="count"
                  width="w-16"
                  value={r.cut}
                  onCommit={(cut) => withRound(i, { cut })}
                />
                <Choice
                  label="Laid"
                  value={r.turns.length > 1 ? 'TURNED' : 'SAME'}
                  options={[
                    { value: 'SAME', show: 'same way up' },
                    { value: 'TURNED', show: 'turned' },
                  ]}
                  onChoose={(way) =>
                    void withRound(i, { turns: way === 'TURNED' ? ['SAME', 'OVER'] : ['SAME'] })
                  }
                />
                <Button
                  weight="quiet"
                  className="pb-1"
                  aria-label={`Take out restack ${i + 1}`}
                  onClick={() => void change((d) => ({ ...d, rounds: d.rounds.filter((_, k) => k !== i) }))}
                >
                  Take out
                </Button>
              </div>
            ))}
            {draft.rounds.length < MOST_ROUNDS && (
              <div>
                <Button
                  weight="quiet"
                  onClick={() =>
                    void change((d) => ({ ...d, rounds: [...d.rounds, { cut: 4, turns: ['SAME'] }] }))
                  }
                >
                  Add a restack
                </Button>
              </div>
            )}
          </div>
        </section>
        {problem && !nameWrong && (
          <Notice title={problem.title}>
            <Words of={`${problem.detail} ${problem.remedy}`} />
          </Notice>
        )}
        <div className="mt-auto grid gap-2 border-t border-line pt-3">
          <Button weight="strong" type="submit" disabled={worked.isError || start.isPending}>
            Put it on the Rack
          </Button>
          <p className="text-[13px] text-soft">Everything can be changed afterwards, step by step.</p>
        </div>
      </form>
      <div className="overflow-y-auto">
        {worked.data && <Preview {...worked.data} />}
        {worked.isError && (
          <div className="p-6">
            <Notice title="This stack cannot be worked through">
              <Words of={Problem.from(worked.error).detail} />
            </Notice>
          </div>
        )}
      </div>
    </main>
  );
}

function Preview({ plan, run }: Worked) {
  const end = run.stages.at(-1);
  return (
    <>
      <p className="px-5 pt-4 pb-2">
        <b className="text-4xl">{end?.visibleCount.toLocaleString('en')}</b>{' '}
        <span className="text-soft">
          visible layers, {end?.shopCount.toLocaleString('en')} counted at the saw.{' '}
          <Words of={end?.why ?? ''} />
        </span>
      </p>
      <RunView run={run} plan={plan} />
    </>
  );
}
