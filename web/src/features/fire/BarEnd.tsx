import * as texts from 'texts/fire/BarEnd';
import { heatColour } from '../../figures/heat';
import type { Schemas } from '../../lib/api';

/** Near welding heat, steel 10 °C colder is 12 % darker: brightness, not hue, is what an eye reads. */
const DARKER_PER_C = 0.012;

/** How dark a core that is so far behind looks against its skin, 0 to 1. */
export const shade = (lagC: number) => 1 - Math.exp(-DARKER_PER_C * Math.max(0, lagC));

/** The end of a practice run's bar as an eye would see it: its color, and a shadow where the core is behind. */
export function BarEnd({ glow }: { glow: Schemas['SessionViewGlow'] }) {
  return (
    <svg viewBox="0 0 96 48" className="mt-1 h-10 w-20" role="img" aria-label={texts.theEndOfTheBar}>
      <defs>
        <radialGradient id="core">
          <stop offset="0.3" stopColor="black" stopOpacity={shade(glow.skinC - glow.coreC)} />
          <stop offset="1" stopColor="black" stopOpacity="0" />
        </radialGradient>
      </defs>
      <rect width="96" height="48" fill={heatColour(glow.skinC)} />
      <rect width="96" height="48" fill="url(#core)" />
    </svg>
  );
}
