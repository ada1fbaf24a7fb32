import { LayerFill, type Inside } from './LayerFill';

/** The bar seen on its end: width across, layers up. */
export function EndSection({
  inside,
  widthMm,
  heightMm,
  scale,
  toneOf,
  label,
}: {
  inside: Inside;
  widthMm: number;
  heightMm: number;
  /** px per mm */
  scale: number;
  toneOf: (steel: string) => number;
  label: string;
}) {
  const width = Math.max(2, widthMm * scale);
  const height = Math.max(2, heightMm * scale);
  return (
    <svg width={width + 2} height={height + 2} role="img" aria-label={label} className="block">
      <g transform="translate(1 1)">
        <LayerFill inside={inside} box={{ x: 0, y: 0, width, height }} toneOf={toneOf} />
        <rect width={width} height={height} fill="none" stroke="var(--ink)" />
      </g>
    </svg>
  );
}
