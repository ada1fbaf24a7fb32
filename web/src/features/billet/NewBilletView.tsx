import * as texts from 'texts/billet/NewBilletView';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field, INPUT } from '../../ui/Field';
import { LoadFailed, Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { SmallPicture } from '../picture/SmallPicture';
import { rackQuery, startBillet, workThrough } from './api';
import { DraftFields } from './DraftFields';
import { PatternChoice } from './PatternChoice';
import { patternsQuery, type NamedPattern } from './patterns';
import { RunView } from './RunView';
import { patternSight } from './stageSights';
import { steelsQuery } from '../steel/api';
import { stockQuery } from '../stock/api';
import { firstDraft } from './firstDraft';
import { useDraft, type Draft, type Worked } from './useDraft';
import { useScrollFocus } from '../../ui/useScrollFocus';

/** A new billet, begun with the steels named in the address. */
export function NewBilletView() {
  const [params] = useSearchParams();
  const steels = useQuery(steelsQuery);
  const shelf = useQuery(stockQuery);
  if (steels.isError) return <LoadFailed error={steels.error} again={() => void steels.refetch()} />;
  if (!steels.data || shelf.isPending) return <p className="p-10 text-soft">{texts.loadingTheSteels}</p>;
  const asked = (params.get('steels') ?? '').split(',');
  return <Drafting first={firstDraft(asked, steels.data, shelf.data ?? [])} />;
}

type Begin = 'STACK' | 'PATTERN';

/** Name and purpose, and a plan to begin with: a stack and its restacks, or a pattern with a name. */
function Drafting({ first }: { first: Draft }) {
  const scrolls = useScrollFocus();
  const [name, setName] = useState('');
  const [purpose, setPurpose] = useState('');
  const [begin, setBegin] = useState<Begin>('STACK');
  const [pattern, setPattern] = useState<NamedPattern | null>(null);
  const patterns = useQuery({ ...patternsQuery, enabled: begin === 'PATTERN' });
  const { draft, worked: drafted, change } = useDraft(first);
  const chosen = pattern ?? patterns.data?.[0] ?? null;
  const patterned = useQuery({
    queryKey: ['worked', chosen?.id],
    queryFn: async () => (chosen ? { plan: chosen.plan, run: await workThrough(chosen.plan) } : null),
    enabled: begin === 'PATTERN' && chosen !== null,
    retry: false,
  });
  const worked = begin === 'PATTERN' ? patterned : drafted;
  const client = useQueryClient();
  const navigate = useNavigate();
  const start = useMutation({
    // Enter may come before the draft is worked through; then it waits for that.
    mutationFn: async () => {
      const plan = (worked.data ?? (await worked.refetch({ throwOnError: true })).data)?.plan;
      if (!plan) throw Problem.offline();
      return startBillet({ name, purpose, plan });
    },
    onSuccess: async (billet) => {
      await client.invalidateQueries(rackQuery);
      await navigate(`/billets/${billet.id}`);
    },
  });
  const problem = start.error instanceof Problem ? start.error : null;
  const nameWrong = problem?.where === '/name' ? problem.detail : null;

  return (
    <main className="grid h-full grid-cols-[25rem_1fr] phone:block phone:overflow-y-auto">
      <form
        className="flex flex-col gap-4 overflow-y-auto border-r border-ink bg-panel px-5 pt-4 phone:overflow-visible phone:border-r-0 phone:border-b phone:px-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (!start.isPending) start.mutate();
        }}
      >
        <h1 className="text-2xl">{texts.newBillet}</h1>
        <Field label={texts.name} error={nameWrong}>
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={name}
              maxLength={120}
              autoFocus
              placeholder={texts.aNameForTheShop}
              onChange={(e) => setName(e.target.value)}
            />
          )}
        </Field>
        <Field label={texts.whatItIsFor}>
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
        <Choice
          label={texts.startWith}
          value={begin}
          options={[
            { value: 'STACK', show: texts.aStackAndItsRestacks },
            { value: 'PATTERN', show: texts.aPattern },
          ]}
          onChoose={setBegin}
        />
        {begin === 'STACK' ? (
          <DraftFields draft={draft} change={change} />
        ) : patterns.isError ? (
          <LoadFailed error={patterns.error} again={() => void patterns.refetch()} />
        ) : (
          <PatternChoice patterns={patterns.data ?? []} chosen={chosen} onChoose={setPattern} />
        )}
        {problem && !nameWrong && (
          <Notice title={problem.title}>
            <Words of={`${problem.detail} ${problem.remedy}`} />
          </Notice>
        )}
        <div className="sticky bottom-0 mt-auto grid gap-2 border-t border-line bg-panel py-3">
          <Button weight="strong" type="submit" disabled={worked.isError || start.isPending}>
            {texts.createBillet}
          </Button>
          <p className="text-[13px] text-soft">{texts.youCanChangeEverythingLaterStep}</p>
        </div>
      </form>
      <div className="overflow-y-auto phone:overflow-visible" ref={scrolls}>
        {begin === 'PATTERN' && chosen && <PatternHead pattern={chosen} />}
        {worked.data && <Preview {...worked.data} />}
        {worked.isError && (
          <div className="p-6">
            <Notice title={texts.thisStackCannotBeCalculated}>
              <Words of={Problem.from(worked.error).detail} />
            </Notice>
          </div>
        )}
      </div>
    </main>
  );
}

const LARGE = { FACE: { width: 820, height: 84 }, END: { width: 820, height: 170 } };

/** The pattern large, and what is done for it. */
function PatternHead({ pattern }: { pattern: NamedPattern }) {
  return (
    <div className="px-5 pt-4">
      <SmallPicture
        sight={patternSight(pattern)}
        {...LARGE[pattern.shows]}
        label={`${pattern.name}: ${pattern.shows === 'END' ? texts.itsEnd : texts.itsFace}`}
      />
      <p className="max-w-prose pt-2">
        <b>{pattern.name}.</b> {pattern.about}
      </p>
    </div>
  );
}

function Preview({ plan, run }: Worked) {
  const end = run.stages.at(-1);
  return (
    <>
      <p className="px-5 pt-4 pb-2">
        <b className="text-4xl">{end?.visibleCount.toLocaleString('en')}</b>{' '}
        <span className="text-soft">
          {texts.visibleLayersNominal({ count: end?.shopCount.toLocaleString('en') ?? '' })}{' '}
          <Words of={end?.why ?? ''} />
        </span>
      </p>
      <RunView run={run} plan={plan} />
    </>
  );
}
