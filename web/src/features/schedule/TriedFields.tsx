import { MeasureField } from '../../ui/MeasureField';
import type { Bounds, Layout } from './api';
import type { Ask } from './useAsk';

const FIGURES = [
  { name: 'fewestPieces', label: 'Pieces, from', least: 2, most: 60 },
  { name: 'mostPieces', label: 'to', least: 2, most: 60 },
  { name: 'fewestCut', label: 'Cuts, from', least: 2, most: 12 },
  { name: 'mostCut', label: 'to', least: 2, most: 12 },
  { name: 'mostRestacks', label: 'Restacks, at most', least: 0, most: 6 },
] as const;

const LAYOUTS: readonly { readonly layout: Layout; readonly words: string }[] = [
  { layout: 'PLAIN', words: 'alternating' },
  { layout: 'THICK_OUTSIDES', words: 'double outer pieces' },
  { layout: 'DOUBLED', words: 'two of each, for bold lines' },
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
              if (n < f.least || n > f.most) return `From ${f.least} to ${f.most}.`;
              const next = { ...bounds, [f.name]: n };
              return next.fewestPieces > next.mostPieces || next.fewestCut > next.mostCut
                ? 'Enter the smaller number first.'
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
      {box(bounds.turned, 'every second piece turned over', { turned: !bounds.turned })}
      {box(bounds.folds, 'folding', { folds: !bounds.folds })}
    </div>
  );
}
