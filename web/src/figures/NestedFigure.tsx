import { nested, nestedHeight, type Made, type NestedBlock } from './nested';
import { toneColour } from './tone';

/** A schedule to scale: the stack, and how each block becomes one bar of the next. */
export function NestedFigure({
  shapes,
  scale,
  tones,
  label,
}: {
  shapes: readonly Made[];
  scale: number;
  /** Tones of the stack's pieces in turn, bottom first; what comes after is their mean. */
  tones: readonly number[];
  label: string;
}) {
  const height = nestedHeight(shapes, scale);
  const mean = toneColour(tones.reduce((a, b) => a + b, 0) / Math.max(1, tones.length));
  const { blocks, tapers, width } = nested(shapes, scale, height);
  return (
    <svg
      role="img"
      aria-label={label}
      width={width + 1}
      height={height + 1}
      className="block overflow-visible"
    >
      {tapers.map((t, i) => (
        <g key={i}>
          <polygon points={t.points.map((p) => p.join(',')).join(' ')} className="fill-panel stroke-rule" />
          <text x={t.x} y={height - 3} textAnchor="middle" className="condensed fill-ink text-[12px]">
            {t.times > 1 ? `×${t.times}` : '→'}
          </text>
        </g>
      ))}
      {blocks.map((b, i) => (
        <g key={i}>
          <rect x={b.x} y={b.y} width={b.width} height={b.height} fill={mean} className="stroke-ink" />
          {i === 0 && tones.length > 1 ? (
            <Pieces block={b} tones={tones} />
          ) : (
            b.joints.map((y) => (
              <line key={y} x1={b.x} x2={b.x + b.width} y1={y} y2={y} className="stroke-ground" />
            ))
          )}
        </g>
      ))}
    </svg>
  );
}

/** The pieces of a stack in their tones, bottom first. */
function Pieces({ block, tones }: { block: NestedBlock; tones: readonly number[] }) {
  const edges = [block.y, ...block.joints, block.y + block.height].toReversed();
  return edges.slice(0, -1).map((bottom, k) => {
    const top = edges[k + 1] ?? block.y;
    const tone = toneColour(tones[k % tones.length] ?? 0);
    return <rect key={k} x={block.x} width={block.width} y={top} height={bottom - top} fill={tone} />;
  });
}
