import * as texts from 'texts/calibration/CalibrationPanel';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { RangeBar } from '../../figures/RangeBar';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Quantity } from '../../ui/Words';
import { shortTime } from '../book/time';
import {
  calibrationQuery,
  reset,
  undoReset,
  undoUse,
  applyToPlans,
  type Calibration,
  type CalibrationFigure,
} from './api';
import { Effects } from './Effects';

/** In the order they are shown. */
const LABELS: Record<CalibrationFigure['of'], string> = {
  CHAMBER_OFFSET: texts.chamberHotterThanGauge,
  EMISSIVITY: texts.radiantHeatTakenUp,
  CONVECTION: texts.heatFromTheFlame,
  DIE_CONTACT: texts.heatLostToDies,
  FLOW_STRESS: texts.howHardSteelResists,
  GAPS_GROUND: texts.heatAcrossGroundFaces,
  GAPS_CLEAN_SCALE: texts.heatAcrossScaledFaces,
  GAPS_AS_FOUND: texts.heatAcrossFacesAsFound,
};

/** What sessions have shown of forge, gauge, dies and gaps; plans change only when someone says so. */
export function CalibrationPanel() {
  const client = useQueryClient();
  const learned = useQuery(calibrationQuery);
  const act = useMutation({
    mutationFn: (what: () => Promise<Calibration>) => what(),
    onSuccess: async (now) => {
      client.setQueryData(calibrationQuery.queryKey, now);
      // Weld maps are calculated with it; what other pages show is old now.
      await client.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'calibration' });
    },
  });
  const now = learned.data;
  if (!now) return null;
  const { row } = now;
  return (
    <section aria-label={texts.learned} className="grid gap-3 border-t border-ink py-3">
      <div>
        <h2 className="text-lg">{texts.learned}</h2>
        <p className="max-w-prose text-[14px] text-soft">{texts.what}</p>
      </div>
      {now.heats === 0 ? (
        <p className="max-w-prose text-soft">{now.wasReset ? texts.forgotten : texts.nothingYet}</p>
      ) : (
        <>
          <p>
            {texts.fromHeats({ heats: now.heats })}
            {now.calibratedAt && (
              <span className="text-soft">{texts.last({ at: shortTime(now.calibratedAt) })}</span>
            )}
          </p>
          <Figures of={now.figures} />
        </>
      )}
      <p>{now.planHeats === 0 ? texts.plansUseNothing : texts.plansUse({ heats: now.planHeats })}</p>
      {row !== null && !now.inPlans && now.heats + now.planHeats > 0 && <Effects key={row} row={row} />}
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        {row !== null && !now.inPlans && now.heats + now.planHeats > 0 && (
          <Button disabled={act.isPending} onClick={() => act.mutate(() => applyToPlans(row))}>
            {texts.useInPlans}
          </Button>
        )}
        {now.used && (
          <Button weight="quiet" disabled={act.isPending} onClick={() => act.mutate(undoUse)}>
            {texts.undoUse}
          </Button>
        )}
        {now.heats > 0 && (
          <Button weight="quiet" disabled={act.isPending} onClick={() => act.mutate(reset)}>
            {texts.forget}
          </Button>
        )}
        {now.wasReset && (
          <Button weight="quiet" disabled={act.isPending} onClick={() => act.mutate(undoReset)}>
            {texts.undoForget}
          </Button>
        )}
      </div>
      {act.error && <p role="alert">▲ {Problem.from(act.error).detail}</p>}
    </section>
  );
}

/** Gaps of a kind that no session has shown are left out. */
const isKnown = ({ of, now, before }: CalibrationFigure) =>
  !of.startsWith('GAPS') || Math.abs(Math.log(now.middle / before.middle)) > 0.01;

function Figures({ of: figures }: { of: readonly CalibrationFigure[] }) {
  const order = Object.keys(LABELS);
  const shown = figures.filter(isKnown).toSorted((a, b) => order.indexOf(a.of) - order.indexOf(b.of));
  return (
    <table className="w-full max-w-3xl border-collapse text-left max-sm:block">
      <tbody className="max-sm:block">
        {shown.map((f) => (
          <tr
            key={f.of}
            data-figure={f.of}
            className="border-t border-rule max-sm:block max-sm:py-2 sm:[&>*]:py-1.5 sm:[&>*]:pr-5"
          >
            <th scope="row" className="font-normal max-sm:block">
              {LABELS[f.of]}
            </th>
            <td className="whitespace-nowrap max-sm:block">
              <b>
                <Shown of={f} value={f.now.middle} />
              </b>{' '}
              <span className="text-soft">
                (<Shown of={f} value={f.now.low} /> {texts.to} <Shown of={f} value={f.now.high} />)
              </span>
            </td>
            <td className="max-sm:block">
              <RangeBar now={f.now} before={f.before} label={texts.thinBeforeThickNow} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The gauge in degrees; everything else in percent of what is usual, which says more than its unit. */
function Shown({ of: figure, value }: { of: CalibrationFigure; value: number }) {
  return figure.of === 'CHAMBER_OFFSET' ? (
    <Quantity kind="temperatureChange" value={value} />
  ) : (
    <Quantity kind="share" value={Math.round((100 * value) / figure.before.middle) / 100} />
  );
}
