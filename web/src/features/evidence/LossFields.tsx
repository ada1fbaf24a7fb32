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
    <section aria-label="Measured losses" className="border-t border-ink py-3">
      <h2 className="text-lg">Measured losses</h2>
      <p className="pb-2 text-[14px] text-soft">
        from bars measured before and after one kind of work; taken over only when you say so
      </p>
      <table className="border-collapse text-left">
        <tbody>
          {losses.map((l) => (
            <tr key={l.loss} className="border-t border-rule [&>td]:py-1.5 [&>td]:pr-5">
              <td>{l.words}</td>
              <td className="text-soft">
                in use: <b className="text-ink">{shown(l, l.now)}</b>
              </td>
              <td>
                {l.seen === 0 ? (
                  <span className="text-soft">not measured</span>
                ) : l.tooFew ? (
                  <span className="text-soft">
                    {l.seen === 1 ? 'once' : `${l.seen} times`} {shown(l, l.mean)}: not enough yet
                  </span>
                ) : (
                  <>
                    <b>{shown(l, l.mean)}</b>{' '}
                    <span className="text-soft">
                      in {l.seen}, ± {shown(l, l.spread)} ; average {shown(l, l.low)} to {shown(l, l.high)}
                    </span>
                  </>
                )}
              </td>
              <td>{l.differs && <Button onClick={() => onTake(l)}>Use {shown(l, l.mean)}</Button>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
