import * as texts from 'texts/fire/Numbers';
import type { ReactNode } from 'react';
import { heatColour } from '../../figures/heat';
import { show } from '../../units';
import { useUnits } from '../../ui/Words';
import type { Interval } from './api';
import { BarEnd } from './BarEnd';
import { clock, type Shown } from './course';

const LONG_S = 3500;
const SHORT_S = 180;
const SAME_S = 20;

/** Below it a bar has no colour of its own. */
const GLOWS_C = 500;

/** Read from two metres, where there is room. */
const LARGE = 'text-[104px] leading-[0.95] font-bold whitespace-nowrap flat:text-[80px]';

/** The core large, its heat's colour in a bar beside it; then how long still and what is left. */
export function Numbers({ shown }: { shown: Shown }) {
  const units = useUnits();
  const { now } = shown;
  const out = shown.where === 'AIR' || shown.where === 'DIES';
  const [figure, unit] = show('temperature', shown.coreC, units).split(' ');
  const bare = (celsius: number) => show('temperature', celsius, units).split(' ')[0] ?? '';
  const left = Math.max(0, now.leftS - (out ? shown.sinceOutS - now.sinceOutS : 0));
  return (
    <div>
      {out ? (
        <>
          <p className="text-[15px] text-soft">{texts.outOfTheFireFor}</p>
          <p aria-label={texts.outOfTheFireFor2} className={LARGE}>
            {clock(shown.sinceOutS)}
          </p>
        </>
      ) : (
        <>
          <p className="text-[15px] text-soft">{texts.estimatedCore}</p>
          <p aria-label={texts.core} className={`flex items-center ${LARGE}`}>
            {shown.coreC > GLOWS_C && (
              <span
                aria-hidden
                className="mr-4 w-5 shrink-0 self-stretch"
                style={{ background: heatColour(shown.coreC) }}
              />
            )}
            {figure}
            <span className="flex flex-col pl-2 text-[20px] leading-tight font-normal text-soft phone:text-[17px]">
              <span>{unit}</span>
              <span>{texts.from({ low: bare(now.coreC.low) })}</span>
              <span>{bare(now.coreC.high)}</span>
            </span>
          </p>
        </>
      )}
      <dl className="flex gap-8 pt-4 phone:gap-6 phone:pt-2">
        {shown.where === 'FIRE' && (
          <Figure name={now.readyForS > 0 ? texts.readyFor : texts.readyIn}>
            {now.readyForS > 0
              ? clock(now.readyForS)
              : now.readyInS.middle >= LONG_S
                ? texts.notAtThisHeat
                : inAbout(now.readyInS)}
          </Figure>
        )}
        {out && <Figure name={texts.core}>{show('temperature', shown.coreC, units)}</Figure>}
        <Figure name={texts.skin}>{show('temperature', shown.skinC, units)}</Figure>
        {now.begun && (out || left > 0) && (
          <Figure name={out ? texts.workingTimeLeft : texts.workingTime}>
            {left >= SHORT_S ? texts.over3Min : `${Math.round(left)} s`}
          </Figure>
        )}
        {now.glow && (
          <Figure name={texts.itsEndAsYouSeeIt}>
            <BarEnd glow={now.glow} />
          </Figure>
        )}
      </dl>
    </div>
  );
}

/** From when it may be ready to when it counts as ready; one time where they are as good as the same. */
function inAbout({ low, high }: Interval): string {
  if (high >= LONG_S) return texts.overAnHour({ from: clock(low) });
  return high - low < SAME_S ? clock(high) : texts.timeRange({ from: clock(low), to: clock(high) });
}

function Figure({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt className="text-[15px] text-soft">{name}</dt>
      <dd className="text-[30px] leading-tight phone:text-[24px] flat:text-[20px] font-bold whitespace-nowrap">
        {children}
      </dd>
    </div>
  );
}
