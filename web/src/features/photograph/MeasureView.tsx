import * as texts from 'texts/photograph/MeasureView';
import { useEffect, useRef, useState } from 'react';
import { LineAcross } from '../../figures/LineAcross';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { Refusal } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { Length, useMetric, Words } from '../../ui/Words';
import { Problem } from '../../lib/http';
import { withPlanAt } from '../billet/parts';
import { withMeasured, type Measured } from '../billet/plan';
import { useBillet } from '../billet/useBillet';
import { useWriteEntry } from '../book/useWriteEntry';
import { measurePieces, type Piece, type Rule } from './api';
import { MarkedPhotograph } from './MarkedPhotograph';
import { guessed, isBowed, isOutOfSquare, isTapered, meanOf, sizesOf, type Side } from './pieces';
import { outline } from './PhotographWithCorners';
import { PhotographPage, type Open } from './PhotographPage';
import { SaveInBook } from './SaveInBook';
import { useAsked } from './useAsked';
import { Working } from './Working';

const CARD = '/api/v1/gauge-card.pdf';

const SIDES: Record<Side, string> = {
  lengthMm: texts.length,
  widthMm: texts.width,
  heightMm: texts.height,
  none: texts.notUsed,
};

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
      {(open) => (
        <Measuring
          key={`${open.path} ${open.chosen.file.name} ${open.chosen.file.lastModified}`}
          open={open}
        />
      )}
    </PhotographPage>
  );
}

function Measuring({ open }: { open: Open }) {
  const { chosen, another } = open;
  const { file } = chosen;
  const isMetric = useMetric();
  const [rule, setRule] = useState<Rule | null>(null);
  const measuring = useAsked((of: Rule | null, signal) => measurePieces(file, of, signal));
  const first = useRef(measuring.ask);
  useEffect(() => first.current(null), []);
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
        <Found key={JSON.stringify(pieces)} open={open} pieces={pieces} />
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
      <polygon points={outline(piece.corners, width, height)} fill="none" stroke="black" strokeWidth={3} />
      <polygon points={outline(piece.corners, width, height)} fill="none" stroke="white" strokeWidth={1.2} />
      <text
        x={middle('x') * width}
        y={middle('y') * height + 6}
        textAnchor="middle"
        className="fill-white text-[18px]"
        stroke="black"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {number}
      </text>
    </g>
  );
}

/** Every piece with its figures, and what of them is taken as measurements. */
function Found({
  open: { billet, path, place, chosen, another },
  pieces,
}: {
  open: Open;
  pieces: readonly Piece[];
}) {
  const [use, setUse] = useState(pieces.length === 1 ? '0' : 'all');
  const piece = use === 'all' ? meanOf(pieces) : pieces[Number(use)];
  const [sides, setSides] = useState(() => guessed(piece, place.after));
  const [kept, setKept] = useState<Measured | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const editing = useBillet(billet.id);
  const write = useWriteEntry(billet.id);
  if (!piece) return null;
  const sizes = sizesOf(piece, sides);
  const save = async () => {
    const measured = { ...place.step.measured, ...sizes };
    const problem = await editing.change((doc) => ({
      ...doc,
      plan: withPlanAt(doc.plan, place.part, (p) => withMeasured(p, place.stage - 1, measured)),
    }));
    setWrong(problem?.detail ?? null);
    if (problem) return;
    const bar = { stepKey: path, at: new Date().toISOString(), sizes: measured, note: '' };
    try {
      await write.mutateAsync({ says: { measured: bar }, photos: [chosen.file] });
      setKept(measured);
    } catch (e) {
      setWrong(texts.inThePlanOnly({ detail: Problem.from(e).detail }));
    }
  };
  return (
    <section aria-label={texts.pieces} className="grid gap-3 border-t border-ink pt-2">
      <ol className="grid gap-1">
        {pieces.map((p, i) => (
          <li key={i} className="flex flex-wrap items-baseline gap-x-4" data-measured={i + 1}>
            <span className="text-soft">{i + 1}</span>
            <b className="text-[28px] leading-tight">
              <Length mm={p.longMm} /> × <Length mm={p.shortMm} unit />
            </b>
            <span className="condensed text-soft">
              ± <Length mm={p.longErrorMm} /> × <Length mm={p.shortErrorMm} unit />
              {isTapered(p) && (
                <>
                  {' '}
                  · {texts.taper} <Length mm={p.taperMm} unit />
                </>
              )}
              {isBowed(p) && (
                <>
                  {' '}
                  · {texts.bow} <Length mm={p.bowMm} unit />
                </>
              )}
              {isOutOfSquare(p) && <> · {texts.outOfSquare({ degrees: p.outOfSquareDeg.toFixed(1) })}</>}
            </span>
          </li>
        ))}
      </ol>
      <div className="grid grid-cols-2 gap-3 border-t border-rule pt-2 sm:grid-cols-3">
        {pieces.length > 1 && (
          <Select
            label={texts.use}
            value={use}
            options={{
              all: texts.meanOfAll({ count: pieces.length }),
              ...Object.fromEntries(pieces.map((_, i) => [String(i), texts.piece({ number: i + 1 })])),
            }}
            onChoose={setUse}
          />
        )}
        <Select
          label={texts.longSideIs}
          value={sides.long}
          options={SIDES}
          onChoose={(long) => setSides({ ...sides, long })}
        />
        <Select
          label={texts.shortSideIs}
          value={sides.short}
          options={SIDES}
          onChoose={(short) => setSides({ ...sides, short })}
        />
      </div>
      {place.after && (
        <p className="text-soft">
          {texts.planned} <Length mm={place.after.lengthMm} /> × <Length mm={place.after.widthMm} /> ×{' '}
          <Length mm={place.after.heightMm} unit />
        </p>
      )}
      {wrong && <p role="alert">▲ {wrong}</p>}
      <SaveInBook
        write={write}
        isKept={kept !== null}
        disabled={Object.keys(sizes).length === 0}
        words={texts.addMeasurements}
        onSave={() => void save()}
      >
        {kept && (
          <Button
            onClick={() => {
              editing.undo();
              setKept(null);
            }}
          >
            {texts.undo}
          </Button>
        )}
        {another}
      </SaveInBook>
    </section>
  );
}
