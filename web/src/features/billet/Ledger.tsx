import type { ReactNode } from 'react';
import { Mass } from '../../ui/Words';
import { showPercent } from '../../units';
import type { Run } from './api';

const LOST_WORDS = {
  SCALE: 'scale',
  GRINDING: 'grinding',
  KERF: 'saw kerf',
  TRIM: 'trimmed ends',
  JACKET: 'jacket',
  SCRAP: 'scrapped',
  MEASURED: 'measured loss',
} as const;

/** Where the steel went, down to the finished bar, parts and all. */
export function Ledger({ run }: { run: Run }) {
  const { startedKg, finishedKg, asideKg, leftOverKg, left, lost } = run.ledger;
  return (
    <section aria-label="Material balance" className="border-t border-ink pt-2 pb-4">
      <h3>Material balance</h3>
      <table className="w-full text-[14px]">
        <tbody className="[&_td]:py-0.5 [&_td:last-child]:text-right">
          <Line words="Started with">
            <Mass kg={startedKg} />
          </Line>
          {lost
            .filter((l) => Math.abs(l.kg) > 1e-6)
            .map((l) => (
              <Line key={l.kind} words={l.kg > 0 ? LOST_WORDS[l.kind] : 'measured gain'} soft>
                {l.kg > 0 ? '−' : '+'} <Mass kg={Math.abs(l.kg)} />
              </Line>
            ))}
          {asideKg > 0 && (
            <Line words="set aside" soft>
              − <Mass kg={asideKg} />
            </Line>
          )}
          {leftOverKg > 0 && (
            <Line words="parts left over" soft>
              − <Mass kg={leftOverKg} />
            </Line>
          )}
          <tr className="border-t border-line font-semibold">
            <td>finished, {showPercent(left)} of the steel</td>
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
