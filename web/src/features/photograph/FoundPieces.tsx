import * as texts from 'texts/photograph/FoundPieces';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { Length } from '../../ui/Words';
import { withPlanAt } from '../billet/parts';
import { withMeasured } from '../billet/planEdits';
import type { Measured } from '../billet/plan';
import { useBillet } from '../billet/useBillet';
import { useWriteEntry } from '../book/useWriteEntry';
import type { Piece } from './api';
import type { Open } from './PhotographPage';
import { guessed, isBowed, isOutOfSquare, isTapered, meanOf, sizesOf, type Side } from './pieces';
import { SaveInBook } from './SaveInBook';

const SIDES: Record<Side, string> = {
  lengthMm: texts.length,
  widthMm: texts.width,
  heightMm: texts.height,
  none: texts.notUsed,
};

/** Every piece with its figures, and what of them is taken as measurements. */
export function FoundPieces({
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
