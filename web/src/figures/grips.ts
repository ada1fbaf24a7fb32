import * as texts from 'texts/figures/grips';
import { METRIC, rulerStepMm, US } from '../units';
import type { Operation } from '../features/billet/plan';
import type { RowFigure } from './bars';

/** An edge of a figure that can be dragged, and what dragging it changes. */
export interface Grip {
  readonly name: string;
  /** Along the bar, or across its height. */
  readonly axis: 'x' | 'y';
  /** The edge in the figure, px from its top left. */
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly mm: number;
  /** Change of the size for one pixel of drag, mm. */
  readonly mmPerPx: number;
  readonly field: string;
}

const box = (figure: RowFigure) => figure.bars.at(-1) ?? { x: 0, y: 0, width: 0, height: 0 };

/** The edges of a drawn stage that represent a figure of its step; the stack has its length. */
export function gripsOf(
  operation: Operation | { readonly kind: 'stack'; readonly lengthMm: number },
  figure: RowFigure,
  scale: number,
): readonly Grip[] {
  const bar = box(figure);
  const right = bar.x + bar.width;
  const upright = { axis: 'x' as const, y: bar.y, length: bar.height };
  switch (operation.kind) {
    case 'stack':
      return [
        {
          ...upright,
          name: texts.length,
          x: right,
          mm: operation.lengthMm,
          mmPerPx: 1 / scale,
          field: 'lengthMm',
        },
      ];
    case 'draw':
      return [
        {
          name: texts.height,
          axis: 'y',
          x: bar.x,
          y: bar.y,
          length: bar.width,
          mm: operation.heightMm,
          // The bar is in the middle of its row: both edges move, so one pixel is worth two.
          mmPerPx: -2 / scale,
          field: 'heightMm',
        },
      ];
    case 'trim':
      return [
        {
          ...upright,
          name: texts.frontTrim,
          x: bar.x,
          mm: operation.frontMm,
          mmPerPx: 1 / scale,
          field: 'frontMm',
        },
        {
          ...upright,
          name: texts.backTrim,
          x: right,
          mm: operation.backMm,
          mmPerPx: -1 / scale,
          field: 'backMm',
        },
      ];
    default:
      return [];
  }
}

/** The size after a drag, to the nearest half millimetre or 1/32 in, and never under one of them. */
export function dragged(grip: Grip, px: number, metric: boolean): number {
  const step = rulerStepMm(metric ? METRIC : US);
  const least = grip.field === 'frontMm' || grip.field === 'backMm' ? 0 : 1;
  return Math.max(least, Math.round((grip.mm + px * grip.mmPerPx) / step)) * step;
}
