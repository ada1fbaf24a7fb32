import * as texts from 'texts/bench/BenchStep';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Length, Words } from '../../ui/Words';
import type { Billet, Stage } from '../billet/api';
import { FindingMark, shownAt } from '../billet/FindingMark';
import { StopHeights } from '../billet/Marks';
import { stepTitle, StepWords } from '../billet/StepWords';
import { WeldLog } from '../billet/WeldLog';
import type { StepToWork } from './api';
import { placeOf } from './place';

/** One step as it is read at the saw: what, to what size, where to mark. */
export function BenchStep({ billet, step }: { billet: Billet; step: StepToWork }) {
  const place = placeOf(billet, step.path);
  if (!place) return <p className="py-4 text-soft">{texts.thisStepIsNoLongerPlanned}</p>;
  const { after, run, stage } = place;
  const { operation } = place.step;
  const findings = shownAt(run.findings, stage).filter((f) => f.severity !== 'NOTE');
  return (
    <article aria-label={texts.step}>
      <h1 className="text-[40px] leading-tight font-bold">
        {place.part !== '' && <span className="block text-xl text-soft">{place.part}</span>}
        {stepTitle(operation)} {step.done && <span className="text-soft">{texts.done}</span>}
      </h1>
      <p className="text-lg text-soft">
        <StepWords operation={operation} />
      </p>
      {after?.marks && <MarksLarge marks={after.marks} />}
      {after && after.count > 0 && <SizesLarge stage={after} />}
      {after?.stops && <StopHeights stops={after.stops} large />}
      {findings.map((f) => (
        <p key={f.id} className="border-t border-rule py-2">
          <FindingMark severity={f.severity} size={14} />{' '}
          <b>
            <Words of={f.what} />
          </b>{' '}
          <Words of={f.action} />
        </p>
      ))}
      {after && after.count > 0 && (
        <p className="flex flex-wrap gap-x-5 border-t border-rule py-2">
          {(['count', 'measure'] as const).map((task) => (
            <Link
              key={task}
              to={`/billets/${billet.id}/${task}?step=${encodeURIComponent(step.path)}`}
              className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
            >
              {task === 'count' ? texts.countLayers : texts.measureInPhotograph}
            </Link>
          ))}
        </p>
      )}
      {operation.kind === 'set' && (
        <WeldLog
          billetId={billet.id}
          plan={billet.plan}
          stepKey={step.path}
          planned={operation}
          welds={billet.welds.filter((w) => w.stepKey === step.path)}
        />
      )}
    </article>
  );
}

/** Every mark on a line of its own, counted, as it is read with the bar in the other hand. */
function MarksLarge({ marks }: { marks: NonNullable<Stage['marks']> }) {
  return (
    <section aria-label={texts.marks} className="border-t border-ink pt-2 pb-3">
      <h2 className="text-lg">{texts.marksFromTheSquaredEnd}</h2>
      <ol>
        {marks.fromEndMm.map((mm, i) => (
          <li key={i} className="flex items-baseline gap-4 border-b border-rule">
            <span className="w-6 text-soft">{i + 1}</span>
            <b className="text-[40px] leading-tight">
              <Length mm={mm} unit />
            </b>
          </li>
        ))}
      </ol>
      <p className="pt-1 text-soft">
        {texts.eachPiece} <Length mm={marks.pieceMm} unit />
        {texts.theKerfIsBeyondTheMark}
        {marks.leftMm > 0 && (
          <>
            {' '}
            <Length mm={marks.leftMm} unit /> {texts.leftOver}
          </>
        )}
      </p>
    </section>
  );
}

function SizesLarge({ stage }: { stage: Stage }) {
  return (
    <section aria-label={texts.sizeAfterIt} className="border-t border-ink pt-2 pb-3">
      <h2 className="text-lg">
        {texts.sizeAfterIt}
        {stage.count > 1 && <span className="text-soft"> {texts.eachOf({ count: stage.count })}</span>}
      </h2>
      <dl className="flex flex-wrap gap-x-6">
        <Size name={texts.wide}>
          <Length mm={stage.widthMm} unit />
        </Size>
        <Size name={texts.high}>
          <Length mm={stage.heightMm} unit />
        </Size>
        <Size name={texts.long}>
          <Length mm={stage.lengthMm} unit />
        </Size>
      </dl>
    </section>
  );
}

function Size({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt className="text-soft">{name}</dt>
      <dd className="text-[40px] leading-tight font-bold whitespace-nowrap">{children}</dd>
    </div>
  );
}
