/** Geometry of a heat's trace: seconds and °C in, pixels out. */

export interface Frame {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  readonly fromS: number;
  readonly toS: number;
  readonly fromC: number;
  readonly toC: number;
}

export const atSecond = (f: Frame, second: number) =>
  f.left + ((second - f.fromS) / (f.toS - f.fromS)) * f.width;

export const atCelsius = (f: Frame, celsius: number) =>
  f.top + f.height - ((Math.min(f.toC, Math.max(f.fromC, celsius)) - f.fromC) / (f.toC - f.fromC)) * f.height;

/** A line through points; it breaks where two lie further apart than `gapS`. */
export function linePath(
  f: Frame,
  points: readonly { readonly second: number; readonly celsius: number }[],
  gapS = Infinity,
): string {
  let before: number | null = null;
  return points
    .filter((p) => p.second >= f.fromS && p.second <= f.toS)
    .map((p) => {
      const move = before === null || p.second - before > gapS;
      before = p.second;
      return `${move ? 'M' : 'L'}${atSecond(f, p.second).toFixed(1)} ${atCelsius(f, p.celsius).toFixed(1)}`;
    })
    .join('');
}

const LEAST_S = 600;

/** The time to show: from the heat's beginning, a third of it still to come, at least ten minutes. */
export function span(beganS: number, nowS: number): { fromS: number; toS: number } {
  const past = Math.max(LEAST_S * 0.6, nowS - beganS);
  return { fromS: beganS, toS: beganS + Math.max(LEAST_S, past * 1.35) };
}

/** Labels along the foot that do not stand on each other, the later ones winning. */
export function spaced<T extends { readonly x: number }>(
  labels: readonly T[],
  leastPx: number,
): readonly T[] {
  return [...labels]
    .sort((a, b) => b.x - a.x)
    .reduce<T[]>((kept, l) => (kept.every((k) => k.x - l.x >= leastPx) ? [...kept, l] : kept), [])
    .reverse();
}

/** Round minutes for the time axis. */
export function minuteTicks(fromS: number, toS: number): readonly number[] {
  const step = [60, 120, 300, 600, 1200, 1800, 3600].find((s) => (toS - fromS) / s <= 7) ?? 7200;
  const first = Math.ceil(fromS / step) * step;
  return Array.from(
    { length: Math.max(0, Math.floor((toS - first) / step) + 1) },
    (_, i) => first + i * step,
  );
}
