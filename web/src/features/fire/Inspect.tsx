import * as texts from 'texts/fire/Inspect';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { LoadFailed } from '../../ui/Notice';
import { Chance } from '../weldmap/Chance';
import { StackFigure } from '../weldmap/StackFigure';
import { inspectionQuery, nameCause, type InspectedBar, type OpenCause, type TrueJoint } from './api';

const CAUSES: readonly (readonly [OpenCause, string])[] = [
  ['HEAT', texts.tooCold],
  ['PRESSURE', texts.notPressed],
  ['OXIDE', texts.oxide],
  ['INCLUSION', texts.slag],
  ['REOPENED', texts.pulledOpen],
  ['DIRT', texts.dirt],
];

const wordsOf = (cause: OpenCause | null) => CAUSES.find(([c]) => c === cause)?.[1] ?? texts.moreThanOneThing;

/** The bar of a practice run, cold: its joints are looked at, a cause is named, then the truth is shown. */
export function Inspect({ session, place }: { session: number; place: number }) {
  const inspection = useQuery(inspectionQuery(session));
  if (inspection.isError) {
    return <LoadFailed error={inspection.error} again={() => void inspection.refetch()} />;
  }
  const bar = inspection.data?.bars.find((b) => b.place === place);
  if (!bar) return null;
  const open = bar.seen.filter((j) => j.open.some(Boolean)).length;
  return (
    <section aria-label={texts.inspectTheJoints} className="pb-4">
      <h2 className="pb-1 text-lg">{texts.inspectTheJoints}</h2>
      {!bar.truth && (
        <Drawn
          bar={bar}
          label={texts.edgesOfTheStack}
          along={bar.seen.map((j) => j.open.map((isOpen) => (isOpen ? 0 : 1)))}
          legend={texts.gapsAreOpen}
        />
      )}
      <p className="pt-1">
        {open === 0 ? texts.noneOpen : texts.openAtTheEdges({ open, joints: bar.seen.length })}
      </p>
      {bar.truth ? (
        <Truth bar={bar} truth={bar.truth} />
      ) : (
        bar.ask !== null && <Naming session={session} place={place} joint={bar.ask} />
      )}
    </section>
  );
}

/** Its joints as far as they bond along the bar, each 0 to 1, from below. */
function Drawn({
  bar,
  label,
  along,
  legend,
}: {
  bar: InspectedBar;
  label: string;
  along: readonly (readonly number[])[];
  legend: string;
}) {
  return (
    <StackFigure
      label={label}
      lengthMm={bar.lengthMm}
      heightMm={bar.heightMm}
      joints={bar.seen.map((j, i) => ({ height: j.height, along: along[i] ?? [] }))}
      legend={legend}
    />
  );
}

function Naming({ session, place, joint }: { session: number; place: number; joint: number }) {
  const [cause, setCause] = useState<OpenCause | ''>('');
  const client = useQueryClient();
  const named = useMutation({
    mutationFn: (of: OpenCause) => nameCause(session, { place, joint, cause: of }),
    onSuccess: (inspection) => client.setQueryData(inspectionQuery(session).queryKey, inspection),
  });
  const problem = named.error ? Problem.from(named.error) : null;
  return (
    <form
      className="flex flex-wrap items-end gap-3 pt-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (cause !== '') named.mutate(cause);
      }}
    >
      <Field
        label={texts.whyIsItOpen({ joint })}
        error={problem && `${problem.detail} ${problem.remedy}`}
        className="min-w-64"
      >
        {(parts) => (
          <select
            {...parts}
            className={`${INPUT} min-h-12`}
            value={cause}
            onChange={(e) => setCause(e.target.value as OpenCause | '')}
          >
            <option value="">{texts.chooseACause}</option>
            {CAUSES.map(([c, words]) => (
              <option key={c} value={c}>
                {words}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Button weight="strong" className="min-h-12" type="submit" disabled={cause === '' || named.isPending}>
        {texts.showWhatItWas}
      </Button>
    </form>
  );
}

function Truth({ bar, truth }: { bar: InspectedBar; truth: readonly TrueJoint[] }) {
  const { named } = bar;
  const was = named ? (truth[named.joint - 1]?.cause ?? null) : null;
  return (
    <>
      {named && (
        <p className="mt-2 border-l-4 border-ink pl-3">
          {was === named.cause
            ? texts.youNamedIt({ joint: named.joint, cause: wordsOf(was) })
            : texts.itWasAnother({ joint: named.joint, cause: wordsOf(was), named: wordsOf(named.cause) })}
        </p>
      )}
      <h3 className="pt-3 font-semibold">{texts.whatHasBonded}</h3>
      <Drawn
        bar={bar}
        label={texts.whatHasBonded}
        along={truth.map((j) => j.bonded)}
        legend={texts.gapsAreOpen}
      />
      <h3 className="pt-3 font-semibold">{texts.whatTheLogLetExpect}</h3>
      <Drawn
        bar={bar}
        label={texts.whatTheLogLetExpect}
        along={truth.map((j) => j.expected)}
        legend={texts.gapsMayBeOpen}
      />
      <table className="mt-2 w-full text-left text-[14px]">
        <thead className="condensed text-[13px] text-soft">
          <tr className="border-b border-ink align-bottom [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
            <th>{texts.jointFromBelow}</th>
            <th>{texts.bonded}</th>
            <th>{texts.cause}</th>
            <th>{texts.expectedSound}</th>
          </tr>
        </thead>
        <tbody>
          {truth
            .map((j, i) => (
              <tr key={i} className="border-b border-rule [&>td]:py-1 [&>td]:pr-4">
                <td>{i + 1}</td>
                <td className="font-semibold">
                  <Chance of={j.bonded.reduce((sum, part) => sum + part, 0) / j.bonded.length} />
                </td>
                <td>{j.sound ? texts.sound : wordsOf(j.cause)}</td>
                <td>
                  <Chance of={j.chance} />
                </td>
              </tr>
            ))
            .reverse()}
        </tbody>
      </table>
    </>
  );
}
