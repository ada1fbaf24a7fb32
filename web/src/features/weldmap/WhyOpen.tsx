import * as texts from 'texts/weldmap/WhyOpen';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import type { Plan } from '../billet/plan';
import { whyOpenQuery, type OpenPlace } from './api';
import { Chance } from './Chance';

/** Why a joint is likely to be open: asked by a button, because most flaws need no explaining. */
export function WhyOpen({
  plan,
  step,
  place = ANYWHERE,
  session = null,
}: {
  plan: Plan;
  /** The weld: names of the parts it is in, then its key. */
  step: string;
  place?: OpenPlace;
  /** The session that made it, null where it was typed. */
  session?: number | null;
}) {
  const [asked, setAsked] = useState(false);
  const why = useQuery({ ...whyOpenQuery(plan, step, place, session), enabled: asked });
  return (
    <div className="pt-1 text-[14px]">
      <Button weight="quiet" aria-expanded={asked} onClick={() => setAsked(!asked)}>
        {texts.whyDidItOpen}
      </Button>
      {asked && why.isError && <LoadFailed error={why.error} again={() => void why.refetch()} />}
      {asked && why.isLoading && <p className="text-soft">{texts.calculating}</p>}
      {asked && why.data?.suspects.length === 0 && <p className="text-soft">{texts.noMap}</p>}
      {asked && why.data && why.data.suspects.length > 0 && (
        <section aria-label={texts.whyDidItOpen}>
          <ol className="pt-1">
            {why.data.suspects.map((s) => (
              <li key={s.cause} className="flex gap-3 border-t border-rule py-1.5">
                <b className="w-12 shrink-0 text-right">
                  <Chance of={s.weight} />
                </b>
                <span className="min-w-0 leading-snug">
                  <b>{s.cause}</b>
                  <span className="block text-soft">
                    <Words of={s.evidence} />
                  </span>
                </span>
              </li>
            ))}
          </ol>
          {why.data.check && (
            <p className="border-t border-rule py-1.5 leading-snug">
              <b>{texts.toFindOut}</b> <Words of={why.data.check} />
            </p>
          )}
          <p className="text-[13px] text-soft">{why.data.logged ? texts.fromTheLog : texts.fromThePlan}</p>
        </section>
      )}
    </div>
  );
}

const ANYWHERE: OpenPlace = { joint: null, along: null, across: null };
