import * as texts from 'texts/fire/HeatPlanView';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Button } from '../../ui/Button';
import { Danger } from '../../ui/Danger';
import { LoadFailed } from '../../ui/Notice';
import { Length, Temperature, Words, Quantity } from '../../ui/Words';
import { withOperationAt, withPlanAt } from '../billet/parts';
import { PROTECTION_NAMES } from '../billet/planWords';
import type { Plan } from '../billet/plan';
import { useBillet } from '../billet/useBillet';
import type { WeldRemedy } from '../weldmap/api';
import { WeldMapPanel } from '../weldmap/WeldMapPanel';
import { heatPlanQuery, heatsQuery, heatWords, type HeatPlan } from './api';
import { Checklist } from './Checklist';
import { ProtectionTable } from './ProtectionTable';

/** What one weld or draw wants of the fire, before it is lit. */
export function HeatPlanView() {
  const id = Number(useParams()['id']);
  const [params, setParams] = useSearchParams();
  const heats = useQuery(heatsQuery(id));
  const editing = useBillet(id);
  const { billet } = editing;
  const step = params.get('step') ?? heats.data?.find((h) => h.next)?.path ?? heats.data?.[0]?.path ?? '';
  const plan = useQuery({
    ...heatPlanQuery(id, step),
    queryKey: [...heatPlanQuery(id, step).queryKey, billet?.version ?? 0],
    enabled: step !== '',
    placeholderData: keepPreviousData,
  });
  if (heats.isError) return <LoadFailed error={heats.error} again={() => void heats.refetch()} />;
  if (plan.isError) return <LoadFailed error={plan.error} again={() => void plan.refetch()} />;
  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2 pb-3">
        <h1 className="text-2xl">
          <Link to={`/billets/${id}`} className="hover:underline">
            {billet?.name ?? texts.billet}
          </Link>
        </h1>
        <select
          aria-label={texts.heat}
          className="border border-line bg-raised px-2 py-1 text-[17px]"
          value={step}
          onChange={(e) => setParams({ step: e.target.value }, { replace: true })}
        >
          {heats.data?.map((h) => (
            <option key={h.path} value={h.path}>
              {heatWords(h)}
            </option>
          ))}
        </select>
        <span className="ml-auto" />
        <Link
          to={`/fire?billet=${id}&step=${encodeURIComponent(step)}`}
          className="bg-ink px-4 py-2 font-semibold text-ground hover:bg-ink/85"
        >
          {texts.startSession}
        </Link>
      </div>
      {heats.data?.length === 0 && <p className="py-10 text-soft">{texts.thisPlanHasNoWeldOr}</p>}
      {plan.data ? (
        <Planned
          plan={plan.data}
          of={`${id}.${step}`}
          map={billet && <Mapped key={step} plan={billet.plan} step={step} editing={editing} />}
        />
      ) : (
        heats.data?.length !== 0 && <p className="text-soft">{texts.calculating}</p>
      )}
    </main>
  );
}

/** The weld map, and what was changed to make it better, with its way back. */
function Mapped({
  plan,
  step,
  editing,
}: {
  plan: Plan;
  step: string;
  editing: ReturnType<typeof useBillet>;
}) {
  const [said, setSaid] = useState<string | null>(null);
  const apply = async ({ instead, stack }: WeldRemedy) => {
    const part = step.slice(0, Math.max(0, step.lastIndexOf('/')));
    const problem = await editing.change((doc) => ({
      ...doc,
      plan: instead
        ? withOperationAt(doc.plan, step, instead)
        : withPlanAt(doc.plan, part, (p) => ({ ...p, stack: stack ?? p.stack })),
    }));
    setSaid(problem ? `${problem.detail} ${problem.remedy}` : texts.planChanged);
  };
  return (
    <div className="border-b border-ink">
      <WeldMapPanel plan={plan} step={step} onApply={(remedy) => void apply(remedy)} />
      <p role="status" className="pb-2">
        {said && <Words of={said} />}{' '}
        {editing.canUndo && (
          <Button
            onClick={() => {
              editing.undo();
              setSaid(null);
            }}
          >
            {texts.undo}
          </Button>
        )}
      </p>
    </div>
  );
}

function Planned({ plan, of, map }: { plan: HeatPlan; of: string; map: ReactNode }) {
  const { window, soaking, squeezing } = plan;
  return (
    <>
      <div className="flex flex-wrap gap-x-10 gap-y-4 border-y border-ink py-3">
        <Large
          name={
            plan.protection ? texts.weldAt({ protection: PROTECTION_NAMES[plan.protection] }) : texts.drawAt
          }
          why={window.why}
        >
          <Temperature celsius={window.aimC} />
          <span className="block text-[14px] font-normal text-soft">
            <Temperature celsius={window.floorC} /> {texts.to} <Temperature celsius={window.ceilingC} />
          </span>
        </Large>
        <Large name={texts.soakFromCold} why={soaking.why}>
          {texts.min({ firstMin: Math.round(soaking.firstMin) })}
          <span className="block text-[14px] font-normal text-soft">
            {texts.againMin({ value: Math.max(1, Math.round(soaking.againMin)) })}
            {plan.protection && texts.thePlanSays({ plannedMin: Math.round(soaking.plannedMin) })}
          </span>
        </Large>
        <Large
          name={plan.protection ? texts.settingHeats : texts.heats}
          why={texts.soakedMoreThanMinAfterIt({ limitMin: Math.round(soaking.limitMin) })}
        >
          {plan.heats}
        </Large>
        <Large name={texts.squeezesInEachHeat} why={squeezing.why}>
          {squeezing.bites === 0 ? texts.blows : squeezing.bites}
          {squeezing.bites > 0 && (
            <span className="block text-[14px] font-normal text-soft">
              {squeezing.bites > 1 && (
                <>
                  {texts.ofText} <Length mm={squeezing.biteMm} unit />,{' '}
                </>
              )}
              {squeezing.mostMpa > 0 && (
                <>
                  {texts.gaugeTo} <Quantity kind="pressure" value={squeezing.mostMpa} />
                </>
              )}
            </span>
          )}
        </Large>
      </div>
      {plan.protection && map}
      <div className="grid grid-cols-[1.15fr_1fr] gap-8 pt-4 max-md:grid-cols-[minmax(0,1fr)]">
        <div>
          <h2 className="text-lg">{texts.steps}</h2>
          <ol aria-label={texts.stepsOfTheHeat}>
            {plan.steps.map((s, i) => (
              <li
                key={i}
                className="grid grid-cols-[2.5rem_9.5rem_1fr] gap-2 max-sm:grid-cols-[2rem_minmax(0,1fr)] max-sm:[&>*:last-child]:col-start-2 border-b border-rule py-1.5"
              >
                <span className="text-soft">
                  {s.heat !== plan.steps[i - 1]?.heat && plan.heats > 1 ? `${s.heat}.` : ''}
                </span>
                <b>
                  <Words of={s.title} />
                </b>
                <span className="text-[14px] leading-snug">
                  <span className="font-semibold">
                    <Words of={s.moment} />.{' '}
                  </span>
                  <span className="text-soft">
                    <Words of={s.how} />
                  </span>
                </span>
              </li>
            ))}
          </ol>
        </div>
        <div>
          {plan.stops.length > 0 && <Stops plan={plan} />}
          <h2 className="text-lg">{texts.checklistBeforeLighting}</h2>
          <Checklist items={plan.layOut} of={of} />
          {plan.cautions.map((c) => (
            <Danger key={c} words={c} className="mt-3 text-[14px]" />
          ))}
        </div>
      </div>
      {plan.protections.length > 0 && <ProtectionTable plan={plan} />}
    </>
  );
}

function Stops({ plan }: { plan: HeatPlan }) {
  return (
    <div className="pb-4">
      <h2 className="text-lg">{texts.stopBlocks}</h2>
      <table className="w-full text-left">
        <thead className="condensed text-[13px] text-soft">
          <tr className="[&>th]:font-normal">
            <th>{texts.heat2}</th>
            <th>{texts.stop}</th>
            <th>{texts.wideSpreadsTo}</th>
            <th>{texts.long}</th>
          </tr>
        </thead>
        <tbody>
          {plan.stops.map((s, i) => (
            <tr key={i} className="border-t border-rule">
              <td>{i + 1}</td>
              <td className="text-[19px] font-semibold">
                <Length mm={s.heightMm} unit />
              </td>
              <td>
                <Length mm={s.widthMm} />, <Length mm={s.spreadMm} />
              </td>
              <td>
                <Length mm={s.lengthMm} unit />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Large({ name, why, children }: { name: string; why: string; children: ReactNode }) {
  return (
    <details className="max-w-72">
      <summary className="list-none">
        <span className="condensed block text-[13px] text-soft">{name}</span>
        <span className="block text-[30px] leading-tight font-bold">{children}</span>
        <span className="text-[13px] underline decoration-line underline-offset-4">{texts.why}</span>
      </summary>
      <p className="pt-1 text-[14px] text-soft">
        <Words of={why} />
      </p>
    </details>
  );
}
