import * as texts from 'texts/photograph/CompareView';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { Refusal } from '../../ui/Notice';
import { Length, Words, useUnits } from '../../ui/Words';
import { unitOf } from '../../units';
import { inside, withPlanAt } from '../billet/parts';
import { withChange } from '../billet/planEdits';
import { useBillet } from '../billet/useBillet';
import { useWriteEntry } from '../book/useWriteEntry';
import { fitPattern, type Fitted, type FittedFigure } from './api';
import { BarSelect } from './BarSelect';
import { Overlay } from './Overlay';
import { PhotographPage, type Open } from './PhotographPage';
import { PhotographWithCorners } from './PhotographWithCorners';
import { SaveInBook } from './SaveInBook';
import { useAsked } from './useAsked';
import { useCorners } from './useCorners';
import { Working } from './Working';

/** The etched face in a photograph over the predicted one, and what the pattern came out as. */
export function CompareView() {
  return (
    <PhotographPage task="compare" intro={texts.etchAndPhotograph}>
      {(open) => <Comparing open={open} />}
    </PhotographPage>
  );
}

function Comparing({ open }: { open: Open }) {
  const { billet, path, place, chosen, another } = open;
  const [under, setUnder] = useState(false);
  const [depthMm, setDepthMm] = useState(0);
  const [bar, setBar] = useState(0);
  const size = place.after && { lengthMm: place.after.lengthMm, widthMm: place.after.widthMm };
  const { corners, laid, move, undo, isMoved, isPlaced } = useCorners(
    chosen,
    size ? size.lengthMm / size.widthMm : 1,
  );
  const fitting = useAsked((of: Parameters<typeof fitPattern>[1], signal) =>
    fitPattern(chosen.file, of, signal),
  );
  const { changing } = fitting;
  const fitted = fitting.answer;
  return (
    <>
      <PhotographWithCorners picture={chosen.picture} corners={corners} onCorners={changing(move)} />
      <p className="text-[14px] text-soft">{texts.dragTheCorners}</p>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label={texts.face}
          value={under ? 'UNDER' : 'FACE'}
          options={[
            { value: 'FACE', show: texts.top },
            { value: 'UNDER', show: texts.underside },
          ]}
          onChoose={changing((of: string) => setUnder(of === 'UNDER'))}
        />
        <MeasureField
          label={texts.groundOff}
          measure="length"
          value={depthMm}
          onCommit={(mm) => {
            if (mm < 0 || mm > 1000) return texts.enterADepth;
            changing(setDepthMm)(mm);
            return null;
          }}
        />
        <BarSelect stage={place.after} bar={bar} onBar={changing(setBar)} />
        <Button
          weight={fitted ? 'plain' : 'strong'}
          onClick={() => fitting.ask({ billetId: billet.id, step: path, bar, under, depthMm, corners: laid })}
        >
          {texts.compare}
        </Button>
        <Button disabled={!isMoved} onClick={changing(undo)}>
          {texts.undo}
        </Button>
      </div>
      {fitted && !isPlaced && <p role="alert">▲ {texts.cornersNotMoved}</p>}
      {fitting.isAsking && <Working words={texts.comparing} onCancel={fitting.cancel} />}
      {fitting.error && <Refusal error={fitting.error} />}
      {fitted && size && (
        <>
          <Overlay
            picture={chosen.picture}
            corners={laid}
            fitted={fitted}
            stage={place.stage}
            size={size}
            bar={bar}
            under={under}
          />
          {fitted.cannotTell && (
            <p role="alert">
              ▲ <Words of={fitted.cannotTell} />
            </p>
          )}
        </>
      )}
      {fitted && fitted.figures.length > 0 ? (
        <AsMade open={open} fitted={fitted} />
      ) : (
        <div className="pb-4">{another}</div>
      )}
    </>
  );
}

/** A figure as it was found, with its range and what was planned. */
function Found({
  name,
  label,
  isLength,
  value,
  low,
  high,
  planned,
  children,
}: {
  name: string;
  label: ReactNode;
  isLength: boolean;
  value: number;
  low: number;
  high: number;
  planned?: number;
  children?: ReactNode;
}) {
  const units = useUnits();
  const show = (of: number) => (isLength ? <Length mm={of} /> : <>{Number(of.toPrecision(3))}</>);
  return (
    <li className="flex flex-wrap items-baseline gap-x-4" data-figure={name}>
      <span>{label}</span>
      <b className="text-[34px] leading-tight">{show(value)}</b>
      {isLength && unitOf('length', units)}
      <span className="text-soft">
        {show(low)} {texts.to} {show(high)}
        {planned !== undefined && (
          <>
            , {texts.planned} {show(planned)}
          </>
        )}
      </span>
      {children}
    </li>
  );
}

/** What the steps came out as, to be taken into the plan and kept. */
function AsMade({ open: { billet, path, place, chosen, another }, fitted }: { open: Open; fitted: Fitted }) {
  const editing = useBillet(billet.id);
  const [applied, setApplied] = useState(0);
  const [wrong, setWrong] = useState<string | null>(null);
  const [isKept, setKept] = useState(false);
  const write = useWriteEntry(billet.id, () => setKept(true));
  const apply = async (figure: FittedFigure) => {
    const problem = await editing.change((doc) => ({
      ...doc,
      plan: withPlanAt(doc.plan, place.part, (p) =>
        withChange(p, figure.step - 1, () => ({ [figure.field]: Number(figure.value.toPrecision(4)) })),
      ),
    }));
    setWrong(problem?.detail ?? null);
    if (!problem) setApplied((count) => count + 1);
  };
  const save = () =>
    write.mutate({
      says: {
        fitted: {
          stepKey: path,
          at: new Date().toISOString(),
          likeness: fitted.likeness,
          figures: fitted.figures.map(({ stepKey, kind, field, planned, value, low, high }) => ({
            stepKey: inside(place.part, stepKey),
            kind,
            field,
            planned,
            value,
            low,
            high,
          })),
          ground: fitted.ground,
          note: '',
        },
      },
      photos: [chosen.file],
    });
  return (
    <section aria-label={texts.asMadeTitle} className="grid gap-3 border-t border-ink pt-2">
      <p className="text-soft">
        {texts.likeness({
          now: fitted.likeness.toFixed(2),
          planned: fitted.plannedLikeness.toFixed(2),
        })}
      </p>
      <ul className="grid gap-2">
        {fitted.figures.map((figure) => (
          <Found
            key={`${figure.step} ${figure.field}`}
            name={figure.field}
            label={
              <>
                {texts.ofStep({ step: figure.step })} <Words of={figure.label} />
              </>
            }
            isLength={figure.measure === 'LENGTH'}
            value={figure.value}
            low={figure.low}
            high={figure.high}
            planned={figure.planned}
          >
            <Button onClick={() => void apply(figure)}>{texts.applyToPlan}</Button>
          </Found>
        ))}
        {fitted.ground && (
          <Found
            name="ground"
            label={texts.groundOffTheFace}
            isLength
            value={fitted.ground.mm}
            low={fitted.ground.lowMm}
            high={fitted.ground.highMm}
          />
        )}
      </ul>
      {wrong && <p role="alert">▲ {wrong}</p>}
      {applied > 0 && (
        <p role="status" className="flex items-center gap-4">
          {texts.inThePlan}
          <Button
            onClick={() => {
              editing.undo();
              setApplied(applied - 1);
            }}
          >
            {texts.undo}
          </Button>
        </p>
      )}
      <SaveInBook write={write} isKept={isKept} disabled={false} onSave={save}>
        {another}
      </SaveInBook>
    </section>
  );
}
