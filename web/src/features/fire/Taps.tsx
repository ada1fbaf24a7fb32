import * as texts from 'texts/fire/Taps';
import { useEffect, useRef, type ReactNode } from 'react';
import { JointGlyph } from '../../figures/JointGlyph';
import { ACT_KEYS, ACT_WORDS, type Act } from './api';
import type { WeldOutcome } from '../book/api';
import { BOUNCE_MS } from './useTaps';

const MOST_OTHERS = 3;

const HINTS: Partial<Record<Act, string>> = {
  IN: texts.intoTheFire,
  OUT: texts.startsTheWorkingTime,
  SQUEEZE: texts.asTheDiesTouch,
  LET_GO: texts.diesOpen,
  TURN: texts.topToBottom,
  FLUX: texts.onTheJoints,
  BRUSH: texts.scaleOff,
  LOOK: texts.colorShineShadow,
  FUEL: texts.coldAndDrained,
};

/** Beside each other; upright the widest has a line of its own, on a telephone two stand in a line. */
const ROW = 'flex flex-wrap gap-3 upright:grid upright:grid-cols-4 phone:grid phone:grid-cols-2 phone:gap-2';

/** A target for a glove. */
export function Tap({
  title,
  hint,
  strong = false,
  wide = false,
  disabled = false,
  onTap,
}: {
  title: ReactNode;
  hint: ReactNode;
  strong?: boolean;
  wide?: boolean;
  disabled?: boolean;
  onTap: () => void;
}) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onTap}
      className={`flex min-h-[104px] min-w-36 flex-col justify-center px-5 text-left upright:min-w-0 upright:px-3 phone:min-w-0 phone:px-3 flat:min-h-[98px] ${
        wide ? 'flex-[1.7] upright:col-span-full phone:col-span-full' : 'flex-1'
      } ${strong ? 'bg-ink text-ground' : 'border-2 border-line text-ink active:border-ink'}`}
    >
      <span className="text-[25px] leading-tight font-bold">{title}</span>
      <span className={`text-[14px] ${strong ? 'opacity-75' : 'text-soft'}`}>{hint}</span>
    </button>
  );
}

/** Lets a tap through once the row has been there for a moment: one sooner was meant for the row before it. */
function useSettled() {
  const shownAt = useRef(0);
  useEffect(() => {
    shownAt.current = Date.now();
  }, []);
  return (then: () => void) => () => {
    if (Date.now() - shownAt.current >= BOUNCE_MS) then();
  };
}

/** Takes back what `words` says; null for nothing. */
function UndoTap({ words, onTap }: { words: string | null; onTap: () => void }) {
  return <Tap title={texts.undo} hint={words ?? texts.nothingYet} disabled={words === null} onTap={onTap} />;
}

/** The few things that make sense now: the next one wide, then others, and Undo. */
export function Taps({
  main,
  others,
  onMain,
  onTap,
  onUndo,
  undoWords,
}: {
  main: Act;
  others: readonly Act[];
  /** The wide one: what it means changes with each tap, so a second tap too soon is no other act. */
  onMain: () => void;
  onTap: (act: Act) => void;
  onUndo: () => void;
  /** What Undo would take back, null for nothing. */
  undoWords: string | null;
}) {
  return (
    <div role="group" aria-label={texts.taps} className={ROW}>
      <Tap
        strong
        wide
        title={ACT_WORDS[main]}
        hint={texts.spaceBar({ value: HINTS[main] ?? '' })}
        onTap={onMain}
      />
      {others.slice(0, MOST_OTHERS).map((act) => (
        <Tap
          key={act}
          title={ACT_WORDS[act]}
          hint={`${ACT_KEYS[act].toUpperCase()} · ${HINTS[act] ?? ''}`}
          onTap={() => onTap(act)}
        />
      ))}
      <UndoTap words={undoWords} onTap={onUndo} />
    </div>
  );
}

const OUTCOMES: readonly { outcome: WeldOutcome; title: string; hint: string; key: string }[] = [
  { outcome: 'HELD', title: texts.sound, hint: texts.hNoDarkLineFound, key: 'h' },
  { outcome: 'SUSPECT', title: texts.suspect, hint: texts.pInspectWhenCold, key: 'p' },
  { outcome: 'OPEN', title: texts.delaminated, hint: texts.nAJointIsNotWelded, key: 'n' },
];

export const OUTCOME_KEYS = OUTCOMES.map((o) => [o.key, o.outcome] as const);

/** What came of the weld, when nothing is left to do. */
export function OutcomeTaps({
  onOutcome,
  onUndo,
  undoWords,
}: {
  onOutcome: (outcome: WeldOutcome) => void;
  onUndo: () => void;
  undoWords: string | null;
}) {
  const settled = useSettled();
  return (
    <div role="group" aria-label={texts.result} className={ROW}>
      {OUTCOMES.map((o) => (
        <Tap
          key={o.outcome}
          title={
            <span className="flex items-center gap-3">
              <JointGlyph state={o.outcome} size={26} /> {o.title}
            </span>
          }
          hint={o.hint}
          onTap={settled(() => onOutcome(o.outcome))}
        />
      ))}
      <UndoTap words={undoWords} onTap={onUndo} />
    </div>
  );
}

/** When a billet is through: the next one, or the end. */
export function DoneTaps({
  next,
  onNext,
  onEnd,
  onAgain,
  onUndo,
  undoWords,
}: {
  /** Another billet that is not through yet, null when all are. */
  next: string | null;
  onNext: () => void;
  onEnd: () => void;
  onAgain: () => void;
  onUndo: () => void;
  undoWords: string | null;
}) {
  const settled = useSettled();
  return (
    <div role="group" aria-label={texts.taps} className={ROW}>
      {next === null ? (
        <Tap strong wide title={texts.endTheSession} hint={texts.eFinished} onTap={settled(onEnd)} />
      ) : (
        <Tap strong wide title={texts.nextBillet} hint={next} onTap={settled(onNext)} />
      )}
      <Tap title={texts.inText} hint={texts.iOneMoreHeat} onTap={settled(onAgain)} />
      <UndoTap words={undoWords} onTap={onUndo} />
    </div>
  );
}
