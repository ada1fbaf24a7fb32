import * as texts from 'texts/billet/RunView';
import { useMemo, type ReactNode } from 'react';
import { commonScale, type RowFigure } from '../../figures/bars';
import { useWidth } from '../../ui/useWidth';
import { type Weld } from '../book/api';
import { useTones } from '../steel/api';
import type { Run } from './api';
import type { FlawView } from './flaws';
import type { Plan } from './plan';
import { allRows } from './runRows';
import type { Place } from './parts';
import { RunRows, type RunDrawing } from './RunRows';
import { ScaleBar } from './ScaleBar';

/** Label and figures beside the drawing, and a margin, px; kept in step with RunRow's columns. */
const BESIDE_PX = (14 + 11.5) * 15 + 24;
/** Where a row has its words above its drawing: 42rem, as @max-2xl in RunRow. */
const NARROW_PX = 42 * 15;
const MARGIN_PX = 28;

/** More rows than this stand closer together. */
const MOST_ROOMY = 14;

/**
 * The Run: the billet's history down the page, every stage against one bench stop and to one scale. Parts are
 * Runs of their own above the row where they join it.
 */
export function RunView({
  run,
  plan,
  welds = [],
  flaws = [],
  selected,
  onSelect,
  onRename,
  open,
  handle,
}: {
  run: Run;
  plan: Plan;
  welds?: readonly Weld[];
  flaws?: readonly FlawView[];
  selected?: Place;
  onSelect?: (place: Place) => void;
  /** Calls a part something else; answers with what is wrong with the name. */
  onRename?: (path: string, name: string) => Promise<string | null>;
  /** What is in the selected row, below the figure. */
  open?: ReactNode;
  /** What can be dragged on the open figure. */
  handle?: (figure: RowFigure, top: number, scale: number) => ReactNode;
}) {
  const [measure, width] = useWidth();
  const toneOf = useTones();
  const rows = useMemo(() => allRows(run, plan), [run, plan]);
  const figureWidth = Math.max(200, width - (width < NARROW_PX ? MARGIN_PX : BESIDE_PX));
  const drawing: RunDrawing = {
    welds,
    flaws,
    selected,
    onSelect,
    onRename,
    open,
    handle,
    toneOf,
    scale: commonScale(rows, figureWidth),
    width: figureWidth,
    dense: rows.length > MOST_ROOMY,
    whole: plan,
  };
  return (
    <section aria-label={texts.run} ref={measure} className="@container">
      {width > 0 && <RunRows run={run} plan={plan} path="" drawing={drawing} />}
      {width > 0 && (
        <div className="py-3 pl-[14rem] @max-2xl:pl-3">
          <ScaleBar scale={drawing.scale}>{texts.theSameInEveryRow}</ScaleBar>
        </div>
      )}
    </section>
  );
}
