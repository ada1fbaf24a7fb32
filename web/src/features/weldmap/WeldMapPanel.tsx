import * as texts from 'texts/weldmap/WeldMapPanel';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import type { Plan } from '../billet/plan';
import { weldMapQuery, weldRemediesQuery, type WeldMap, type WeldRemedy } from './api';
import { Chance } from './Chance';
import { JointTable } from './JointTable';
import { WeldMapFigure } from './WeldMapFigure';

/** Where a weld bonds before it is made: the stack, the chance, the weakest place, and what would help. */
export function WeldMapPanel({
  plan,
  step,
  onApply,
  narrow = false,
}: {
  plan: Plan;
  /** Names of the parts it is in, then its key. */
  step: string;
  /** Puts another weld in the step's place, or another stack under it. */
  onApply: (remedy: WeldRemedy) => void;
  /** In a column beside something else: one below the other, and what would help only when asked. */
  narrow?: boolean;
}) {
  const map = useQuery(weldMapQuery(plan, step));
  return (
    <section aria-label={texts.weldMap} className="py-3">
      <h2 className="text-lg">{texts.weldMap}</h2>
      {map.isError ? (
        <LoadFailed error={map.error} again={() => void map.refetch()} />
      ) : !map.data ? (
        <p className="text-soft">{texts.calculating}</p>
      ) : map.data.chance === null ? (
        <p className="text-soft">{texts.noMap}</p>
      ) : (
        <Mapped map={map.data} plan={plan} step={step} onApply={onApply} narrow={narrow} />
      )}
    </section>
  );
}

function Mapped({
  map,
  plan,
  step,
  onApply,
  narrow,
}: {
  map: WeldMap;
  plan: Plan;
  step: string;
  onApply: (remedy: WeldRemedy) => void;
  narrow: boolean;
}) {
  return (
    <div className={`grid gap-x-8 gap-y-3 ${narrow ? '' : 'md:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]'}`}>
      <WeldMapFigure map={map} />
      <div>
        <p>
          <b className="text-[30px] leading-tight">
            <Chance of={map.chance ?? 0} />
          </b>{' '}
          {texts.thatEveryJointIsSound}
        </p>
        {map.byRecord && (
          <p className="leading-snug" data-by-record>
            <b>
              <Chance of={map.byRecord.chance} />
            </b>{' '}
            (<Chance of={map.byRecord.low} /> {texts.to} <Chance of={map.byRecord.high} />){' '}
            <span className="text-soft">{texts.byYourRecord({ welds: map.byRecord.welds })}</span>
          </p>
        )}
        {map.weakest && (
          <p className="leading-snug">
            <Words of={map.weakest} />
          </p>
        )}
        <Remedies now={map.chance ?? 0} plan={plan} step={step} onApply={onApply} eager={!narrow} />
      </div>
      <details className={narrow ? '' : 'md:col-span-2'}>
        <summary className="cursor-pointer underline decoration-line underline-offset-4">
          {texts.everyJoint}
        </summary>
        <p className="max-w-3xl pt-1 text-[14px] text-soft">
          {texts.howItIsCalculated({ samples: map.samples })}
        </p>
        <JointTable map={map} />
      </details>
    </div>
  );
}

function Remedies({
  now,
  plan,
  step,
  onApply,
  eager,
}: {
  now: number;
  plan: Plan;
  step: string;
  onApply: (remedy: WeldRemedy) => void;
  /** Whether it is asked unasked; it keeps the shop's computer busy for some seconds. */
  eager: boolean;
}) {
  const [asked, setAsked] = useState(eager);
  const remedies = useQuery({ ...weldRemediesQuery(plan, step), enabled: asked });
  if (!asked) {
    return (
      <p className="pt-1">
        <Button onClick={() => setAsked(true)}>{texts.whatWouldHelp}</Button>
      </p>
    );
  }
  if (remedies.isError) return <LoadFailed error={remedies.error} again={() => void remedies.refetch()} />;
  if (!remedies.data) return <p className="pt-2 text-soft">{texts.tryingWhatWouldHelp}</p>;
  if (remedies.data.length === 0) return <p className="pt-2 text-soft">{texts.nothingTriedHelps}</p>;
  return (
    <>
      <h3 className="pt-2 text-[15px] text-soft">{texts.whatWouldHelp}</h3>
      <ul aria-label={texts.whatWouldHelp}>
        {remedies.data.map((r) => (
          <li key={r.words} className="flex items-baseline gap-3 border-t border-rule py-1.5">
            <span className="whitespace-nowrap">
              <Chance of={now} /> <span aria-hidden>→</span>
              <span className="sr-only"> {texts.becomes} </span>{' '}
              <b>
                <Chance of={r.chance} />
              </b>
            </span>
            <span className="min-w-0 flex-1 leading-snug">
              <Words of={r.words} />
            </span>
            <Button weight="quiet" className="font-semibold" onClick={() => onApply(r)}>
              {texts.apply}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
