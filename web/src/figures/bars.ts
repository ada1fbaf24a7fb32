/** Geometry of a row of bars lying on their sides against the bench stop; millimetres in, pixels out. */

/** Layers bottom to top: each steel once, and for each layer which of them it is and how thick. */
export interface Layers {
  readonly steels: readonly string[];
  readonly steel: readonly number[];
  readonly thicknessMm: readonly number[];
}

/** What a row shows: equal bars in line, and what was taken from them in this step. */
export interface Row {
  readonly count: number;
  readonly lengthMm: number;
  readonly heightMm: number;
  /** Saw gap between neighbours. */
  readonly kerfMm: number;
  /** Cut off before the first bar and after the last one. */
  readonly frontMm: number;
  readonly backMm: number;
  /** Bars that left here: how many, and how long each is. */
  readonly asideCount: number;
  readonly asideLengthMm: number;
  /** Ground off the faces. */
  readonly bottomMm: number;
  readonly topMm: number;
  /** What was calculated where the bars were measured; 0 where they were not. */
  readonly plannedLengthMm?: number;
  readonly plannedHeightMm?: number;
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface RowFigure {
  readonly height: number;
  readonly bars: readonly Box[];
  /** Trimmed ends, dashed. */
  readonly ghosts: readonly Box[];
  /** Bars set aside, dotted. */
  readonly aside: readonly Box[];
  /** Ground skin: the outline the bars had before. */
  readonly skins: readonly Box[];
  /** The outline that was calculated, where the bars were measured. */
  readonly planned: readonly Box[];
  /** How many bars are not drawn one by one. */
  readonly left: number;
}

const THINNEST_PX = 2;
const SMALLEST_GAP_PX = 3;
const MOST_BARS = 40;

/** How far a row reaches from the bench stop, mm. */
export function extentMm(row: Row): number {
  const shown = Math.min(row.count, MOST_BARS);
  const aside = Math.min(row.asideCount, MOST_BARS) * row.asideLengthMm;
  return row.frontMm + shown * row.lengthMm + Math.max(0, shown - 1) * row.kerfMm + row.backMm + aside;
}

/** The one scale of a Run, px per mm: the longest row just fits. */
export function commonScale(rows: readonly Row[], widthPx: number): number {
  const longest = Math.max(1, ...rows.map(extentMm));
  const mostGaps = Math.max(
    0,
    ...rows.map((r) => Math.min(r.count, MOST_BARS) - 1 + 2 * Math.min(r.asideCount, MOST_BARS)),
  );
  return Math.max(0.02, (widthPx - mostGaps * SMALLEST_GAP_PX) / longest);
}

/** Lays a row out at a scale; y grows downwards, x from the bench stop. */
export function layOut(row: Row, scale: number): RowFigure {
  const height = Math.max(THINNEST_PX, row.heightMm * scale);
  const top = row.topMm * scale;
  const bottom = row.bottomMm * scale;
  const shown = Math.min(row.count, MOST_BARS);
  const gap = row.count > 1 ? Math.max(SMALLEST_GAP_PX, row.kerfMm * scale) : 0;
  const width = Math.max(1, row.lengthMm * scale);
  const start = row.frontMm * scale;
  const bars = Array.from({ length: shown }, (_, i) => ({
    x: start + i * (width + gap),
    y: top,
    width,
    height,
  }));
  const end = start + shown * width + Math.max(0, shown - 1) * gap;
  const ghosts = [
    ...(row.frontMm > 0 ? [{ x: 0, y: top, width: start, height }] : []),
    ...(row.backMm > 0 ? [{ x: end, y: top, width: row.backMm * scale, height }] : []),
  ];
  const asideWidth = row.asideLengthMm * scale;
  const aside = Array.from({ length: Math.min(row.asideCount, MOST_BARS) }, (_, i) => ({
    x: end + (shown > 0 ? 2 * SMALLEST_GAP_PX : 0) + i * (asideWidth + SMALLEST_GAP_PX),
    y: top,
    width: asideWidth,
    height,
  }));
  const ground = row.topMm > 0 || row.bottomMm > 0;
  const skins = ground ? bars.map((b) => ({ ...b, y: 0, height: top + height + bottom })) : [];
  const calculated = {
    width: (row.plannedLengthMm ?? 0) * scale,
    height: (row.plannedHeightMm ?? 0) * scale,
  };
  const planned =
    calculated.width > 0
      ? bars.map((b) => ({ ...b, ...calculated, y: b.y + height - calculated.height }))
      : [];
  return { height: top + height + bottom, bars, ghosts, aside, skins, planned, left: row.count - shown };
}

/** Layers as bands of a box, top layer first as the eye meets it. */
export function bands(layers: Layers, heightPx: number): { steel: string; y: number; height: number }[] {
  const scale = heightPx / layers.thicknessMm.reduce((sum, mm) => sum + mm, 0);
  let y = heightPx;
  return layers.thicknessMm
    .map((mm, i) => {
      const height = mm * scale;
      y -= height;
      return { steel: layers.steels[layers.steel[i] ?? 0] ?? '', y, height };
    })
    .reverse();
}

/** Whether layers can be distinguished at that height: two thirds of a pixel each on average. */
export const canBeSeen = (layers: number, heightPx: number) => heightPx / layers >= 0.66;
