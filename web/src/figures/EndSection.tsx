import * as texts from 'texts/figures/EndSection';
import { LayerFill } from './LayerFill';
import type { Section } from './section';

/** The bar seen on its end: width across, layers up. */
export function EndSection({
  section,
  scale,
  toneOf,
  label,
  round = false,
}: {
  section: Section;
  /** px per mm */
  scale: number;
  toneOf: (steel: string) => number;
  label: string;
  round?: boolean;
}) {
  const width = Math.max(2, section.widthMm * scale);
  const height = Math.max(2, section.heightMm * scale);
  const radius = round ? Math.min(width, height) / 2 : 0;
  return (
    <svg width={width + 2} height={height + 2} role="img" aria-label={label} className="block">
      <g
        transform="translate(1 1)"
        style={
          round
            ? { clipPath: texts.circlePxAtPxPx({ radius, value: width / 2, value2: height / 2 }) }
            : undefined
        }
      >
        <LayerFill section={section} box={{ x: 0, y: 0, width, height }} toneOf={toneOf} from="end" />
        <rect width={width} height={height} rx={radius} fill="none" stroke="var(--ink)" />
      </g>
    </svg>
  );
}
