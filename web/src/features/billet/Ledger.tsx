import * as texts from 'texts/billet/Ledger';
import type { ReactNode } from 'react';
import { Mass } from '../../ui/Words';
import { showPercent } from '../../units';
import type { Run } from './api';

const LOST_WORDS = {
  SCALE: texts.scale,
  GRINDING: texts.grinding,
  KERF: texts.sawKerf,
  TRIM: texts.trimmedEnds,
  JACKET: texts.jacket,
  SCRAP: texts.scrapped,
  MEASURED: texts.measuredLoss,
} as const;

/** Where the steel went, down to the finished bar, parts and all. */
export function Ledger({ run }: { run: Run }) {
  const { startedKg, finishedKg, asideKg, leftOverKg, left, lost } = run.ledger;
  return (
    <section aria-label={texts.materialBalance} className="border-t border-ink pt-2 pb-4">
      <h3>{texts.materialBalance}</h3>
      <table className="w-full text-[14px]">
        <tbody className="[&_td]:py-0.5 [&_td:last-child]:text-right">
          <Line words={texts.startedWith}>
            <Mass kg={startedKg} />
          </Line>
          {lost
            .filter((l) => Math.abs(l.kg) > 1e-6)
            .map((l) => (
              <Line key={l.kind} words={l.kg > 0 ? LOST_WORDS[l.kind] : texts.measuredGain} soft>
                {l.kg > 0 ? '−' : '+'} <Mass kg={Math.abs(l.kg)} />
              </Line>
            ))}
          {asideKg > 0 && (
            <Line words={texts.setAside} soft>
              − <Mass kg={asideKg} />
            </Line>
          )}
          {leftOverKg > 0 && (
            <Line words={texts.partsLeftOver} soft>
              − <Mass kg={leftOverKg} />
            </Line>
          )}
          <tr className="border-t border-line font-semibold">
            <td>{texts.finishedOfTheSteel({ left: showPercent(left) })}</td>
            <td>
              <Mass kg={finishedKg} />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

function Line({ words, soft = false, children }: { words: string; soft?: boolean; children: ReactNode }) {
  return (
    <tr className={soft ? 'text-soft' : ''}>
      <td>{words}</td>
      <td>{children}</td>
    </tr>
  );
}
