import * as texts from 'texts/billet/Grips';
import { useState } from 'react';
import type { RowFigure } from '../../figures/bars';
import { dragged, gripsOf, type Grip } from '../../figures/grips';
import { Length, useMetric } from '../../ui/Words';
import type { Operation } from './plan';

/** Edges of the open figure that can be dragged; each has its field below for hands and keys. */
export function Grips({
  operation,
  figure,
  top,
  scale,
  onPut,
}: {
  operation: Operation | { readonly kind: 'stack'; readonly lengthMm: number };
  figure: RowFigure;
  /** Where the figure begins in its row, px. */
  top: number;
  scale: number;
  onPut: (field: string, mm: number) => void;
}) {
  return gripsOf(operation, figure, scale).map((grip) => (
    <DragEdge key={grip.field} grip={grip} top={top} onPut={(mm) => onPut(grip.field, mm)} />
  ));
}

const REACH_PX = 10;

function DragEdge({ grip, top, onPut }: { grip: Grip; top: number; onPut: (mm: number) => void }) {
  const metric = useMetric();
  const [drag, setDrag] = useState<{ from: number; px: number } | null>(null);
  const along = grip.axis === 'x';
  const mm = drag ? dragged(grip, drag.px, metric) : grip.mm;
  const moved = drag ? drag.px : 0;
  const at = (e: React.PointerEvent) => (along ? e.clientX : e.clientY);
  return (
    <div
      title={texts.drag({ toLowerCase: grip.name.toLowerCase() })}
      data-grip={grip.field}
      className={`absolute touch-none ${along ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
      style={{
        left: along ? grip.x + moved - REACH_PX / 2 : grip.x,
        top: top + (along ? grip.y - Math.max(0, REACH_PX - grip.length / 2) : grip.y + moved - REACH_PX / 2),
        width: along ? REACH_PX : grip.length,
        height: along ? Math.max(grip.length, 2 * REACH_PX) : REACH_PX,
      }}
      onClick={(e) => e.stopPropagation()}
      onPointerDown={(e) => {
        e.preventDefault();
        e.currentTarget.setPointerCapture(e.pointerId);
        setDrag({ from: at(e), px: 0 });
      }}
      onPointerMove={(e) => {
        if (drag) setDrag({ ...drag, px: at(e) - drag.from });
      }}
      onPointerUp={() => {
        if (drag && mm !== grip.mm && drag.px !== 0) onPut(mm);
        setDrag(null);
      }}
      onPointerCancel={() => setDrag(null)}
    >
      <span
        aria-hidden
        className={`absolute bg-ink ${along ? 'inset-y-0 left-1/2 w-[3px] -translate-x-1/2' : 'top-1/2 left-1/2 h-[3px] w-16 -translate-x-1/2 -translate-y-1/2'}`}
      />
      {drag && (
        <span className="absolute bottom-full left-0 z-10 bg-ink px-1.5 py-0.5 text-[13px] whitespace-nowrap text-ground">
          {grip.name} <Length mm={mm} />
        </span>
      )}
    </div>
  );
}
