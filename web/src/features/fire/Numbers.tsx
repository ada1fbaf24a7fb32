import * as texts from 'texts/fire/Numbers';
import type { ReactNode } from 'react';
import { heatColour } from '../../figures/heat';
import { show } from '../../units';
import { useUnits } from '../../ui/Words';
import { clock, type Shown } from './course';

const LONG_S = 3500;
const SHORT_S = 180;

/** The core large, in its own heat's colour; beside it how long still and what is left. */
export function Numbers({ shown }: { shown: Shown }) {
  const units = useUnits();
  const { now } = shown;
  const out = shown.where === 'AIR' || shown.where === 'DIES';
  const [figure, unit] = show('temperature', shown.coreC, units).split(' ');
  const left = Math.max(0, now.leftS - (out ? shown.sinceOutS - now.sinceOutS : 0));
  return (
    <div>
      {out ? (
        <>
          <p className="text-[15px] text-soft">{texts.outOfTheFireFor}</p>
          <p aria-label={texts.outOfTheFireFor2} className="text-[104px] leading-[0.95] font-bold">
            {clock(shown.sinceOutS)}
          </p>
        </>
      ) : (
        <>
          <p className="text-[15px] text-soft">{texts.estimatedCore}</p>
          <p aria-label={texts.core} className="text-[104px] leading-[0.95] font-bold whitespace-nowrap">
            <span style={{ color: shown.coreC > 500 ? heatColour(shown.coreC) : undefined }}>{figure}</span>
            <span className="pl-1.5 text-[22px] font-normal text-soft">
              {unit} ± {show('temperatureChange', Math.max(5, now.plusMinusC), units).split(' ')[0]}
            </span>
          </p>
        </>
      )}
      <dl className="flex gap-8 pt-4">
        {shown.where === 'FIRE' && (
          <Figure name={now.readyForS > 0 ? texts.readyFor : texts.readyIn}>
            {now.readyForS > 0
              ? clock(now.readyForS)
              : now.readyInS >= LONG_S
                ? texts.notAtThisHeat
                : clock(now.readyInS)}
          </Figure>
        )}
        {out && <Figure name={texts.core}>{show('temperature', shown.coreC, units)}</Figure>}
        <Figure name={texts.skin}>{show('temperature', shown.skinC, units)}</Figure>
        {now.begun && (
          <Figure name={out ? texts.workingTimeLeft : texts.workingTime}>
            {!out && left === 0
              ? texts.notHotYet
              : left >= SHORT_S
                ? texts.over3Min
                : `${Math.round(left)} s`}
          </Figure>
        )}
      </dl>
    </div>
  );
}

function Figure({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt className="text-[15px] text-soft">{name}</dt>
      <dd className="text-[30px] leading-tight font-bold whitespace-nowrap">{children}</dd>
    </div>
  );
}
