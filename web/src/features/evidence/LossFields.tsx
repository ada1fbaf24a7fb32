import * as texts from 'texts/evidence/LossFields';
import { useQuery } from '@tanstack/react-query';
import { Button } from '../../ui/Button';
import { Length } from '../../ui/Words';
import { lossesQuery, type Loss } from './api';

/** The shop's own figures beside what its measured bars say; nothing changes until it is taken. */
export function LossFields({ onTake }: { onTake: (loss: Loss) => void }) {
  const losses = useQuery({ ...lossesQuery, staleTime: 0 }).data ?? [];
  if (losses.length === 0) return null;
  const shown = (l: Loss, value: number) => (l.length ? <Length mm={value} unit /> : `× ${value.toFixed(2)}`);
  return (
    <section aria-label={texts.measuredLosses} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.measuredLosses}</h2>
      <p className="pb-2 text-[14px] text-soft">{texts.fromBarsMeasuredBeforeAndAfter}</p>
      <table className="border-collapse text-left">
        <tbody>
          {losses.map((l) => (
            <tr key={l.loss} className="border-t border-rule [&>td]:py-1.5 [&>td]:pr-5">
              <td>{l.words}</td>
              <td className="text-soft">
                {texts.inUse} <b className="text-ink">{shown(l, l.now)}</b>
              </td>
              <td>
                {l.seen === 0 ? (
                  <span className="text-soft">{texts.notMeasured}</span>
                ) : l.tooFew ? (
                  <span className="text-soft">
                    {texts.times({ seen: l.seen })} {shown(l, l.mean)}
                    {texts.notEnoughYet}
                  </span>
                ) : (
                  <>
                    <b>{shown(l, l.mean)}</b>{' '}
                    <span className="text-soft">
                      {texts.inText({ seen: l.seen })} {shown(l, l.spread)} {texts.average} {shown(l, l.low)}{' '}
                      {texts.to} {shown(l, l.high)}
                    </span>
                  </>
                )}
              </td>
              <td>
                {l.differs && (
                  <Button onClick={() => onTake(l)}>
                    {texts.use} {shown(l, l.mean)}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
