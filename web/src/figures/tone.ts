/** Etch tones as greys: 0 is what ferric chloride blackens, 1 what it leaves silver. */
const BLACK = [38, 37, 38] as const;
const SILVER = [222, 219, 210] as const;

/** The colour of a tone from 0 to 1. */
export function toneColour(tone: number): string {
  const t = Math.min(1, Math.max(0, tone));
  const mix = (i: 0 | 1 | 2) => Math.round(BLACK[i] + (SILVER[i] - BLACK[i]) * t);
  return `rgb(${mix(0)} ${mix(1)} ${mix(2)})`;
}

/** The screen value of a tone, 0 to 1, and back; the middle channel represents all three. */
const screenOf = (tone: number) => (BLACK[1] + (SILVER[1] - BLACK[1]) * tone) / 255;
const toneOfScreen = (value: number) => (255 * value - BLACK[1]) / (SILVER[1] - BLACK[1]);

/** From a screen value to the light it sends and back: the sRGB curve. */
const lightOf = (value: number) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4);
const valueOf = (light: number) => (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);

/**
 * The tone the eye takes from layers too fine to see: the mean of their light, by thickness, as in the
 * pictures of the inside.
 */
export function meanTone(
  bySteel: Readonly<Record<string, number>>,
  toneOf: (steel: string) => number,
): number {
  const light = Object.entries(bySteel).reduce(
    (sum, [steel, share]) => sum + share * lightOf(screenOf(toneOf(steel))),
    0,
  );
  return toneOfScreen(valueOf(light));
}
