import * as texts from 'texts/schedule/Compare';
import { showPercent } from '../../units';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Length, Mass } from '../../ui/Words';
import type { Way } from './api';
import { hours, keyOf } from './weigh';

const ROWS: readonly { readonly name: string; readonly of: (way: Way) => ReactNode }[] = [
  { name: texts.visibleLayers, of: (w) => w.visible.toLocaleString('en') },
  { name: texts.nominalLayers, of: (w) => w.shop.toLocaleString('en') },
  { name: texts.averageLayer, of: (w) => <Length mm={w.layerMm} unit /> },
  { name: texts.medianLayer, of: (w) => <Length mm={w.medianMm} unit /> },
  { name: texts.thinnestLayer, of: (w) => <Length mm={w.thinnestMm} unit /> },
  { name: texts.broadSheets, of: (w) => texts.ofTheHeight({ coarsePercent: Math.round(w.coarsePercent) }) },
  { name: texts.heightOfTheBarsTogether, of: (w) => <Length mm={w.blockMm} unit /> },
  { name: texts.startingLength, of: (w) => <Length mm={w.startMm} unit /> },
  { name: texts.startingSteel, of: (w) => <Mass kg={w.startKg} /> },
  { name: texts.lost, of: (w) => showPercent(1 - w.yield) },
  { name: texts.finishedLength, of: (w) => <Length mm={w.finishedMm} unit /> },
  { name: texts.tallestStack, of: (w) => <Length mm={w.tallestMm} unit /> },
  { name: texts.longestBar, of: (w) => <Length mm={w.longestMm} unit /> },
  { name: texts.welds, of: (w) => w.welds },
  { name: texts.jointFaces, of: (w) => w.faces },
  { name: texts.chanceAllWeldsHold, of: (w) => showPercent(w.chance) },
  { name: texts.grindingFaces, of: (w) => hours(w.work.prepareMin) },
  { name: texts.stacking, of: (w) => hours(w.work.stackMin) },
  { name: texts.soakingAndSetting, of: (w) => hours(w.work.weldMin) },
  { name: texts.drawing, of: (w) => hours(w.work.drawMin) },
  { name: texts.cooling, of: (w) => hours(w.work.coolMin) },
  { name: texts.sawing, of: (w) => hours(w.work.sawMin) },
  { name: texts.total, of: (w) => hours(w.minutes) },
  { name: texts.gas, of: (w) => <Mass kg={w.work.gasKg} /> },
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
    <section aria-label={texts.comparison} className="mt-3 border border-ink bg-raised px-4 py-2">
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">{ways.length > 1 ? texts.compare : texts.whatItTakes}</h2>
        <Button weight="quiet" onClick={onClose}>
          {texts.close}
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
                        {texts.open}
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
