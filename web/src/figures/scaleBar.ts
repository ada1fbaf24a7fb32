const MM_PER_INCH = 25.4;
const STEPS = [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];
const INCHES = [1 / 64, 1 / 32, 1 / 16, 1 / 8, 0.25, 0.5, 1, 2, 3, 6, 12, 24, 36];
const WANTED_PX = 110;

/** A round length that is about as long as a scale bar should be, in the reader's unit and in pixels. */
export function scaleBar(pxPerMm: number, metric: boolean): { mm: number; px: number } {
  const mm = metric ? STEPS : INCHES.map((n) => n * MM_PER_INCH);
  const off = (n: number) => Math.abs(Math.log((n * pxPerMm) / WANTED_PX));
  const best = mm.reduce((a, b) => (off(b) < off(a) ? b : a));
  return { mm: best, px: best * pxPerMm };
}
