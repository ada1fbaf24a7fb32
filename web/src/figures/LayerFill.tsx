import { bands, canBeSeen, type Box, type Layers } from './bars';
import { patches, sideOf, type Patch, type Section } from './section';
import { meanTone, toneColour } from './tone';

type ToneOf = (steel: string) => number;

/** Fills a box with a bar's layers where the eye could distinguishes them there, else with the right grey. */
export function LayerFill({
  section,
  box,
  toneOf,
  from,
}: {
  section: Section;
  box: Box;
  toneOf: ToneOf;
  /** Seen on its end, or from the side where only level layers run along. */
  from: 'end' | 'side';
}) {
  const seen = from === 'end' ? section : sideOf(section);
  return patches(seen, box).map((patch, i) => <Fill key={i} {...patch} toneOf={toneOf} />);
}

function Fill({ section, box, toneOf }: Patch & { toneOf: ToneOf }) {
  const { layers } = section;
  const onEdge = section.lie === 'ON_EDGE';
  const room = onEdge ? box.width : box.height;
  if (!layers || !canBeSeen(layers.steel.length, room)) {
    return <rect {...box} fill={toneColour(meanTone(section.bySteel, toneOf))} />;
  }
  return [...pathsOf(layers, box, onEdge)].map(([steel, d]) => (
    <path key={steel} d={d} fill={toneColour(toneOf(steel))} data-steel={steel} />
  ));
}

/** One path for each steel: a hundred layers are a hundred sub-paths, not a hundred elements. */
function pathsOf(layers: Layers, box: Box, onEdge: boolean): Map<string, string> {
  const paths = new Map<string, string>();
  for (const band of bands(layers, onEdge ? box.width : box.height)) {
    const path = onEdge
      ? `M${(box.x + box.width - band.y - band.height).toFixed(2)} ${box.y}v${box.height}h${band.height.toFixed(2)}v${-box.height}z`
      : `M${box.x} ${(box.y + band.y).toFixed(2)}h${box.width}v${band.height.toFixed(2)}h${-box.width}z`;
    paths.set(band.steel, (paths.get(band.steel) ?? '') + path);
  }
  return paths;
}
