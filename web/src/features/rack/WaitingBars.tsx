import * as texts from 'texts/rack/WaitingBars';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { EndSection } from '../../figures/EndSection';
import { Length, Mass } from '../../ui/Words';
import { waitingQuery } from '../billet/api';
import { useTones } from '../steel/api';

/** Bars that were set aside and wait for another billet, end-on to the Rack's scale. */
export function WaitingBars({ scale }: { scale: number }) {
  const waiting = (useQuery(waitingQuery).data ?? []).filter((w) => w.free > 0);
  const toneOf = useTones();
  if (waiting.length === 0) return null;
  return (
    <section aria-label={texts.setAside}>
      <h2 className="border-t border-line pt-3 text-lg">{texts.setAside}</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] pt-2">
        {waiting.map((w) => (
          <li key={`${w.billetId} ${w.stepKey}`} className="flex flex-col pb-5">
            <span className="flex items-end gap-2 border-b-[3px] border-ink pt-2">
              {Array.from({ length: Math.min(w.free, 3) }, (_, i) => (
                <EndSection
                  key={i}
                  section={w.section}
                  scale={scale}
                  toneOf={toneOf}
                  label={texts.endOfABarFromVisible({ billet: w.billet, visibleCount: w.visibleCount })}
                />
              ))}
            </span>
            <span className="pt-2 pr-4 leading-snug">
              <b>{texts.bars({ free: w.free })}</b> {texts.ofText}
              <Link
                to={`/billets/${w.billetId}`}
                aria-label={texts.fromBillet({ billet: w.billet })}
                className="underline underline-offset-4"
              >
                {w.billet}
              </Link>
            </span>
            <span className="condensed pr-4 text-[14px] text-soft">
              <Length mm={w.bars.widthMm} /> × <Length mm={w.bars.heightMm} /> ×{' '}
              <Length mm={w.bars.lengthMm} />, <Mass kg={w.bars.massKg / w.bars.count} />
              {texts.layers({ value: w.visibleCount.toLocaleString('en') })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
