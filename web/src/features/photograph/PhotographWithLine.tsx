import * as texts from 'texts/photograph/PhotographWithLine';
import { LineAcross } from '../../figures/LineAcross';
import type { CountLine, Place } from './api';
import type { Reading } from './layers';
import { MarkedPhotograph } from './MarkedPhotograph';

const endsOf = (line: CountLine): readonly Place[] => [
  { x: line.x1, y: line.y1 },
  { x: line.x2, y: line.y2 },
];

const lineOf = ([from, to]: readonly Place[]): CountLine | null =>
  from && to ? { x1: from.x, y1: from.y, x2: to.x, y2: to.y } : null;

/** A photograph with the line across its layers, whose ends are dragged, and what was counted along it. */
export function PhotographWithLine({
  picture,
  line,
  reading,
  onLine,
}: {
  picture: ImageBitmap;
  line: CountLine | null;
  reading: Reading | null;
  /** The line was drawn again, by a person. */
  onLine: (line: CountLine) => void;
}) {
  return (
    <MarkedPhotograph
      picture={picture}
      handles={line ? endsOf(line) : []}
      names={[texts.beginningOfTheLine, texts.endOfTheLine]}
      onHandles={(ends) => {
        const drawn = lineOf(ends);
        if (drawn) onLine(drawn);
      }}
    >
      {({ width, height, handles, isDragged }) => {
        const drawn = lineOf(handles);
        return (
          drawn && (
            <>
              <LineAcross line={drawn} width={width} height={height} />
              {!isDragged && reading && (
                <Ticks line={drawn} reading={reading} width={width} height={height} />
              )}
            </>
          )
        );
      }}
    </MarkedPhotograph>
  );
}

/** Where layers meet, as short strokes across the line. */
function Ticks({
  line,
  reading,
  width,
  height,
}: {
  line: CountLine;
  reading: Reading;
  width: number;
  height: number;
}) {
  const x = (at: number) => (line.x1 + at * (line.x2 - line.x1)) * width;
  const y = (at: number) => (line.y1 + at * (line.y2 - line.y1)) * height;
  const length = Math.hypot(x(1) - x(0), y(1) - y(0)) || 1;
  const across = [(-(y(1) - y(0)) / length) * 7, ((x(1) - x(0)) / length) * 7] as const;
  return reading.boundaries.map((b, i) => (
    <line
      key={i}
      x1={x(b) - across[0]}
      y1={y(b) - across[1]}
      x2={x(b) + across[0]}
      y2={y(b) + across[1]}
      stroke={i === 0 || i === reading.boundaries.length - 1 ? 'white' : 'black'}
      strokeWidth={1}
    />
  ));
}
