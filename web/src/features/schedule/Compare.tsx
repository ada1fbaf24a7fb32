import { showPercent } from '../../units';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Length, Mass } from '../../ui/Words';
import type { Way } from './api';
import { hours, keyOf } from './weigh';

const ROWS: readonly { readonly name: string; readonly of: (way: Way) => ReactNode }[] = [
  { name: 'Visible layers', of: (w) => w.visible.toLocaleString('en') },
  { name: 'Nominal layers', of: (w) => w.shop.toLocaleString('en') },
  { name: 'Average layer', of: (w) => <Length mm={w.layerMm} unit /> },
  { name: 'Median layer', of: (w) => <Length mm={w.medianMm} unit /> },
  { name: 'Thinnest layer', of: (w) => <Length mm={w.thinnestMm} unit /> },
  { name: 'Broad sheets', of: (w) => `${Math.round(w.coarsePercent)}% of the height` },
  { name: 'Height of the bars together', of: (w) => <Length mm={w.blockMm} unit /> },
  { name: 'Starting length', of: (w) => <Length mm={w.startMm} unit /> },
  { name: 'Starting steel', of: (w) => <Mass kg={w.startKg} /> },
  { name: 'Lost', of: (w) => showPercent(1 - w.yield) },
  { name: 'Finished length', of: (w) => <Length mm={w.finishedMm} unit /> },
  { name: 'Tallest stack', of: (w) => <Length mm={w.tallestMm} unit /> },
  { name: 'Longest bar', of: (w) => <Length mm={w.longestMm} unit /> },
  { name: 'Welds', of: (w) => w.welds },
  { name: 'Joint faces', of: (w) => w.faces },
  { name: 'Chance all welds hold', of: (w) => showPercent(w.chance) },
  { name: 'Grinding faces', of: (w) => hours(w.work.prepareMin) },
  { name: 'Stacking', of: (w) => hours(w.work.stackMin) },
  { name: 'Soaking and setting', of: (w) => hours(w.work.weldMin) },
  { name: 'Drawing', of: (w) => hours(w.work.drawMin) },
  { name: 'Cooling', of: (w) => hours(w.work.coolMin) },
  { name: 'Sawing', of: (w) => hours(w.work.sawMin) },
  { name: 'Total', of: (w) => hours(w.minutes) },
  { name: 'Gas', of: (w) => <Mass kg={w.work.gasKg} /> },
];

/** What a way takes; two or three of them side by side. */
export function Compare({
  ways,
  onClose,
  onOpen,
}: {
  ways: readonly Way[];
  onClose: () => void;
  onOpen: (way: Way) => void;
}) {
  const half = Math.ceil(ROWS.length / 2);
  return (
    <section aria-label="Comparison" className="mt-3 border border-ink bg-raised px-4 py-2">
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">{ways.length > 1 ? 'Compare' : 'What it takes'}</h2>
        <Button weight="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
      <div className="grid gap-x-8 min-[1100px]:grid-cols-2">
        {[ROWS.slice(0, half), ROWS.slice(half)].map((rows, k) => (
          <table key={k} className="w-full border-collapse self-start text-[14px]">
            <thead>
              <tr className="align-bottom">
                <th />
                {ways.map((w) => (
                  <th key={keyOf(w)} className="condensed py-1 pl-3 text-right text-[13px] font-semibold">
                    {w.words}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.name} className="border-t border-rule">
                  <th className="py-0.5 pr-2 text-left font-normal whitespace-nowrap text-soft">
                    {row.name}
                  </th>
                  {ways.map((w) => (
                    <td key={keyOf(w)} className="py-0.5 pl-3 text-right">
                      {row.of(w)}
                    </td>
                  ))}
                </tr>
              ))}
              {k === 1 && (
                <tr className="border-t border-rule">
                  <th />
                  {ways.map((w) => (
                    <td key={keyOf(w)} className="py-1 pl-3 text-right">
                      <Button weight="quiet" onClick={() => onOpen(w)}>
                        Open
                      </Button>
                    </td>
                  ))}
                </tr>
              )}
            </tbody>
          </table>
        ))}
      </div>
    </section>
  );
}
