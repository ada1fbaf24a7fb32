/** A joint that is sure to bond keeps a hairline, in parts of the pitch. */
const LEAST = 0.05;
const MOST = 0.62;

/**
 * The gap along one joint as the outline of an SVG path: pieces touch where they bond and stand apart where they
 * do not, half a gap to either side.
 *
 * @param chances of each place along, 0 to 1
 * @param pitch between the joints, in the units of the figure
 */
export function jointGap(
  chances: readonly number[],
  at: { length: number; middle: number; pitch: number },
): string {
  const half = chances.map((c) => (at.pitch / 2) * (LEAST + MOST * (1 - c)));
  const x = chances.map((_, i) => ((i + 0.5) / chances.length) * at.length);
  const first = half[0] ?? 0;
  const last = half.at(-1) ?? 0;
  const over = x.map((place, i) => `${round(place)} ${round(at.middle - (half[i] ?? 0))}`);
  const under = x.map((place, i) => `${round(place)} ${round(at.middle + (half[i] ?? 0))}`).reverse();
  return [
    `M0 ${round(at.middle - first)}`,
    ...over.map((p) => `L${p}`),
    `L${round(at.length)} ${round(at.middle - last)}`,
    `L${round(at.length)} ${round(at.middle + last)}`,
    ...under.map((p) => `L${p}`),
    `L0 ${round(at.middle + first)}Z`,
  ].join('');
}

const round = (n: number) => Math.round(n * 1000) / 1000;
