import * as texts from 'texts/schedule/TriedFields';
import { MeasureField } from '../../ui/MeasureField';
import type { Bounds, Layout } from './api';
import type { Ask } from './useAsk';

const FIGURES = [
  { name: 'fewestPieces', label: texts.piecesFrom, least: 2, most: 60 },
  { name: 'mostPieces', label: texts.to, least: 2, most: 60 },
  { name: 'fewestCut', label: texts.cutsFrom, least: 2, most: 12 },
  { name: 'mostCut', label: texts.to, least: 2, most: 12 },
  { name: 'mostRestacks', label: texts.restacksAtMost, least: 0, most: 6 },
] as const;

const LAYOUTS: readonly { readonly layout: Layout; readonly words: string }[] = [
  { layout: 'PLAIN', words: texts.alternating },
  { layout: 'THICK_OUTSIDES', words: texts.doubleOuterPieces },
  { layout: 'DOUBLED', words: texts.twoOfEachForBoldLines },
];

/** What the search passes through. */
export function TriedFields({ bounds, onAsk }: { bounds: Bounds; onAsk: Ask }) {
  const put = (change: Partial<Bounds>) => onAsk((q) => ({ ...q, bounds: { ...q.bounds, ...change } }));
  const box = (checked: boolean, words: string, change: Partial<Bounds>, disabled = false) => (
    <label key={words} className="flex items-baseline gap-2">
      <input
        type="checkbox"
        className="accent-ink"
        checked={checked}
        disabled={disabled}
        onChange={() => put(change)}
      />
      {words}
    </label>
  );
  return (
    <div className="grid gap-2 pt-2">
      <div className="grid grid-cols-2 gap-2">
        {FIGURES.map((f) => (
          <MeasureField
            key={f.name}
            label={f.label}
            measure="count"
            width="w-full"
            value={bounds[f.name]}
            onCommit={(n) => {
              if (n < f.least || n > f.most) return texts.fromTo({ least: f.least, most: f.most });
              const next = { ...bounds, [f.name]: n };
              return next.fewestPieces > next.mostPieces || next.fewestCut > next.mostCut
                ? texts.enterTheSmallerNumberFirst
                : put({ [f.name]: n });
            }}
          />
        ))}
      </div>
      {LAYOUTS.map(({ layout, words }) => {
        const there = bounds.layouts.includes(layout);
        return box(
          there,
          words,
          { layouts: there ? bounds.layouts.filter((l) => l !== layout) : [...bounds.layouts, layout] },
          there && bounds.layouts.length === 1,
        );
      })}
      {box(bounds.turned, texts.everySecondPieceTurnedOver, { turned: !bounds.turned })}
      {box(bounds.folds, texts.folding, { folds: !bounds.folds })}
    </div>
  );
}
