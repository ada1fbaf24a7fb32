import * as texts from 'texts/fire/Looks';
import { useState } from 'react';
import { heatColour } from '../../figures/heat';
import { show } from '../../units';
import { useUnits } from '../../ui/Words';
import type { Look, SightingKind } from './api';

const COLOR_STEP_C = 50;
const COLORS_FROM_C = 600;
const COLOR_NAMES = [
  texts.bloodRed,
  texts.darkCherry,
  texts.dullCherry,
  texts.mediumCherry,
  texts.cherry,
  texts.brightCherry,
  texts.salmon,
  texts.darkOrange,
  texts.orange,
  texts.lightOrange,
  texts.orangeYellow,
  texts.yellow,
  texts.brightYellow,
  texts.paleYellow,
  texts.yellowWhite,
  texts.white,
];
/** So many colors are offered, the likeliest in the middle: more would not fit a glove. */
const COLORS_OFFERED = 5;

interface Answer {
  readonly kind: SightingKind;
  readonly words: string;
  readonly figure?: number;
}

const SHADOWS: readonly Answer[] = [
  { kind: 'SHADOW', words: texts.aShadow },
  { kind: 'NO_SHADOW', words: texts.oneColorAcross },
];
const FLUXES: readonly Answer[] = [
  { kind: 'FLUX_MELTS', words: texts.itMelts },
  { kind: 'FLUX_CLEAR', words: texts.itRunsClear },
  { kind: 'FLUX_SMOKES', words: texts.itSmokes },
];
const FUEL: readonly Answer[] = [{ kind: 'FUEL_OUT', words: texts.theFlameIsOut }];

/** Heat colors round a temperature, coldest first. */
export function colorsNear(celsius: number): readonly Answer[] {
  const middle = Math.round((celsius - COLORS_FROM_C) / COLOR_STEP_C);
  const most = COLOR_NAMES.length - COLORS_OFFERED;
  const from = Math.min(most, Math.max(0, middle - Math.floor(COLORS_OFFERED / 2)));
  return COLOR_NAMES.slice(from, from + COLORS_OFFERED).map((words, i) => ({
    kind: 'COLOR',
    words,
    figure: COLORS_FROM_C + (from + i) * COLOR_STEP_C,
  }));
}

const QUESTIONS: Record<NonNullable<Look>, string> = {
  SHADOW: texts.lookAtTheEnd,
  COLOR: texts.lookAtTheSkin,
  FLUX: texts.lookAtTheFlux,
};

/** What the eye sees, one tap each: what says most about the core is asked for, the rest is a tap away. */
export function Looks({
  ask,
  skinC,
  isFluxed,
  isFuelled,
  onSeen,
}: {
  ask: Look;
  skinC: number;
  isFluxed: boolean;
  isFuelled: boolean;
  onSeen: (kind: SightingKind, figure?: number) => void;
}) {
  const [all, setAll] = useState(false);
  const seen = (kind: SightingKind, figure?: number) => {
    setAll(false);
    onSeen(kind, figure);
  };
  const colors = colorsNear(skinC);
  const answers = { SHADOW: SHADOWS, COLOR: colors, FLUX: FLUXES };
  return (
    <section aria-label={texts.whatYouSee} className="flex flex-col gap-2 pt-3 phone:pt-1">
      {all ? (
        <>
          <Answers words={texts.lookAtTheEnd} answers={SHADOWS} onSeen={seen} />
          <Answers words={texts.lookAtTheSkin} answers={colors} onSeen={seen} />
          {isFluxed && <Answers words={texts.lookAtTheFlux} answers={FLUXES} onSeen={seen} />}
          {isFuelled && <Answers words={texts.theFuelSoak} answers={FUEL} onSeen={seen} />}
        </>
      ) : (
        ask && <Answers words={QUESTIONS[ask]} answers={answers[ask]} onSeen={seen} />
      )}
      <button
        type="button"
        aria-expanded={all}
        className="min-h-11 self-start text-[15px] text-soft underline decoration-line underline-offset-4"
        onClick={() => setAll(!all)}
      >
        {all ? texts.close : texts.recordWhatYouSee}
      </button>
    </section>
  );
}

function Answers({
  words,
  answers,
  onSeen,
}: {
  words: string;
  answers: readonly Answer[];
  onSeen: (kind: SightingKind, figure?: number) => void;
}) {
  const units = useUnits();
  return (
    <div role="group" aria-label={words}>
      <p className="pb-1 text-[15px]">{words}</p>
      <div className="flex gap-2 phone:gap-1">
        {answers.map((a) => (
          <button
            key={a.words}
            type="button"
            className="flex min-h-16 flex-1 flex-col justify-start border-2 border-line px-2 py-2 text-left text-[17px] leading-tight font-bold active:border-ink phone:min-h-14 phone:px-1 phone:py-1 phone:text-[13px]"
            onClick={() => onSeen(a.kind, a.figure)}
          >
            {a.figure !== undefined && (
              <span aria-hidden className="mb-1 h-3 w-full" style={{ background: heatColour(a.figure) }} />
            )}
            {a.words}
            {a.figure !== undefined && (
              <span className="text-[13px] font-normal text-soft">
                {show('temperature', a.figure, units)}
              </span>
            )}
          </button>
        ))}
      </div>
    </div>
  );
}
