import * as texts from 'texts/photograph/MeasureView';
import { useState } from 'react';
import { LineAcross } from '../../figures/LineAcross';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { Refusal } from '../../ui/Notice';
import { useMetric, Words } from '../../ui/Words';
import type { Piece, Rule } from './api';
import { FoundPieces } from './FoundPieces';
import { MarkedPhotograph } from './MarkedPhotograph';
import { MarkNumber, Outline } from './Marks';
import { PhotographPage, type Open } from './PhotographPage';
import { usePieces } from './usePieces';
import { Working } from './Working';

const CARD = '/api/v1/gauge-card.pdf';

/** Where two marks are before they are dragged onto those of a rule. */
const MARKS = [
  { x: 0.2, y: 0.85 },
  { x: 0.8, y: 0.85 },
];
const MOST_APART_MM = 2000;

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
  const { chosen, another } = open;
  const isMetric = useMetric();
  const [rule, setRule] = useState<Rule | null>(null);
  const measuring = usePieces(chosen.file);
  const pieces = measuring.answer?.pieces ?? [];
  return (
    <>
      <MarkedPhotograph
        picture={chosen.picture}
        handles={rule?.marks ?? []}
        names={[texts.firstMark, texts.secondMark]}
        onHandles={(marks) => rule && setRule({ ...rule, marks })}
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
      {rule ? (
        <div className="flex flex-wrap items-end gap-3">
          <MeasureField
            label={texts.betweenTheMarks}
            measure="length"
            value={rule.apartMm}
            onCommit={(apartMm) => {
              if (apartMm <= 0 || apartMm > MOST_APART_MM) return texts.enterADistance;
              setRule({ ...rule, apartMm });
              return null;
            }}
          />
          <Button weight={pieces.length > 0 ? 'plain' : 'strong'} onClick={() => measuring.ask(rule)}>
            {texts.measureByTheRule}
          </Button>
          <p className="basis-full text-[14px] text-soft">{texts.dragTheMarks}</p>
        </div>
      ) : (
        !measuring.isAsking && (
          <p>
            <Button onClick={() => setRule({ marks: MARKS, apartMm: isMetric ? 150 : 152.4 })}>
              {texts.useARule}
            </Button>
          </p>
        )
      )}
      {measuring.isAsking && <Working words={texts.measuring} onCancel={measuring.cancel} />}
      {measuring.error && <Refusal error={measuring.error} />}
      {measuring.answer?.refused && (
        <p role="alert">
          ▲ <Words of={measuring.answer.refused} /> {!rule && cardLink}
        </p>
      )}
      {pieces.length > 0 ? (
        <FoundPieces key={JSON.stringify(pieces)} open={open} pieces={pieces} />
      ) : (
        <div className="pb-4">{another}</div>
      )}
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
