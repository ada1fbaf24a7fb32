import { bands, canBeSeen, type Box, type Layers } from './bars';
import { meanTone, toneColour } from './tone';

/** What a bar is made of, enough to fill its outline. */
export interface Inside {
  readonly layers: Layers | null;
  readonly visibleCount: number;
  readonly bySteel: Readonly<Record<string, number>>;
}

/** Fills a box with its layers where the eye could tell them apart there, else with the right grey. */
export function LayerFill({
  inside,
  box,
  toneOf,
}: {
  inside: Inside;
  box: Box;
  toneOf: (steel: string) => number;
}) {
  const { layers } = inside;
  if (!layers || !canBeSeen(inside.visibleCount, box.height)) {
    return <rect {...box} fill={toneColour(meanTone(inside.bySteel, toneOf))} />;
  }
  // One path for each steel: a hundred layers are a hundred sub-paths, not a hundred elements.
  const paths = new Map<string, string>();
  for (const band of bands(layers, box.height)) {
    const y = (box.y + band.y).toFixed(2);
    const path = `M${box.x} ${y}h${box.width}v${band.height.toFixed(2)}h${-box.width}z`;
    paths.set(band.steel, (paths.get(band.steel) ?? '') + path);
  }
  return (
    <>
      {[...paths].map(([steel, d]) => (
        <path key={steel} d={d} fill={toneColour(toneOf(steel))} data-steel={steel} />
      ))}
    </>
  );
}
