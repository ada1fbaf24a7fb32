import * as texts from 'texts/photograph/MeasureView';
import { useState } from 'react';
import { LineAcross } from '../../figures/LineAcross';
import { Refusal } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import type { Known, Piece } from './api';
import { FoundPieces } from './FoundPieces';
import { KnownLength, WithoutCard } from './KnownLength';
import { MarkedPhotograph } from './MarkedPhotograph';
import { MarkNumber, Outline } from './Marks';
import { PhotographPage, type Open } from './PhotographPage';
import { usePieces } from './usePieces';
import { Working } from './Working';

const CARD = '/api/v1/gauge-card.pdf';

const cardLink = (
  <a href={CARD} target="_blank" rel="noreferrer" className="underline underline-offset-4">
    {texts.printTheCard}
  </a>
);

/** Bars measured in a photograph with a gauge card beside them, for the plan and the Book. */
export function MeasureView() {
  return (
    <PhotographPage
      task="measure"
      intro={
        <>
          {texts.layTheCard} {cardLink}
        </>
      }
    >
      {(open) => <Measuring open={open} />}
    </PhotographPage>
  );
}

function Measuring({ open }: { open: Open }) {
  const { chosen, place, another } = open;
  const [known, setKnown] = useState<Known | null>(null);
  const measuring = usePieces(chosen.file);
  const pieces = measuring.answer?.pieces ?? [];
  return (
    <>
      <MarkedPhotograph
        picture={chosen.picture}
        handles={known?.of === 'MARKS' ? known.marks : []}
        names={[texts.firstMark, texts.secondMark]}
        onHandles={(marks) => known && setKnown({ of: 'MARKS', marks, mm: known.mm })}
      >
        {({ width, height, handles: [from, to] }) => (
          <>
            {from && to && (
              <LineAcross
                line={{ x1: from.x, y1: from.y, x2: to.x, y2: to.y }}
                width={width}
                height={height}
              />
            )}
            {pieces.map((piece, i) => (
              <Outlined key={i} piece={piece} number={i + 1} width={width} height={height} />
            ))}
          </>
        )}
      </MarkedPhotograph>
      {known && (
        <KnownLength
          known={known}
          isStrong={pieces.length === 0}
          onChange={setKnown}
          onMeasure={() => measuring.ask(known)}
        />
      )}
      {measuring.isAsking && <Working words={texts.measuring} onCancel={measuring.cancel} />}
      {measuring.error && <Refusal error={measuring.error} />}
      {measuring.answer?.refused && (
        <p role="alert">
          ▲ <Words of={measuring.answer.refused} /> {!known && cardLink}
        </p>
      )}
      {pieces.length > 0 && <FoundPieces key={JSON.stringify(pieces)} open={open} pieces={pieces} />}
      {!known && !measuring.isAsking && (
        <WithoutCard lengthMm={place.after?.lengthMm} onKnown={measuring.changing(setKnown)} />
      )}
      {pieces.length === 0 && <div className="pb-4">{another}</div>}
    </>
  );
}

/** A piece on the photograph, with its number. */
function Outlined({
  piece,
  number,
  width,
  height,
}: {
  piece: Piece;
  number: number;
  width: number;
  height: number;
}) {
  const middle = (of: 'x' | 'y') => piece.corners.reduce((sum, at) => sum + at[of], 0) / piece.corners.length;
  return (
    <g data-piece={number}>
      <Outline corners={piece.corners} width={width} height={height} />
      <MarkNumber number={number} x={middle('x') * width} y={middle('y') * height + 6} />
    </g>
  );
}
