/** Etch tones as greys: 0 is what ferric chloride blackens, 1 what it leaves silver. */
const BLACK = [38, 37, 38] as const;
const SILVER = [222, 219, 210] as const;

/** The colour of a tone from 0 to 1. */
export function toneColour(tone: number): string {
  const t = Math.min(1, Math.max(0, tone));
  const mix = (i: 0 | 1 | 2) => Math.round(BLACK[i] + (SILVER[i] - BLACK[i]) * t);
  return `rgb(${mix(0)} ${mix(1)} ${mix(2)})`;
}

/** The tone the eye takes from layers too fine to see: the mean, by thickness. */
export function meanTone(
  bySteel: Readonly<Record<string, number>>,
  toneOf: (steel: string) => number,
): number {
  return Object.entries(bySteel).reduce((sum, [steel, share]) => sum + share * toneOf(steel), 0);
}
