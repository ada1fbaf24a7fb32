import * as texts from 'texts/fire/StepLine';
import { Words } from '../../ui/Words';
import type { FireStep, StepState } from './api';

const MARK: Record<StepState, string> = { DONE: '✓', LEFT_OUT: '–', NOW: '', TO_COME: '' };
const WORDS: Record<StepState, string> = {
  DONE: texts.done,
  LEFT_OUT: texts.skipped,
  NOW: texts.now,
  TO_COME: texts.next,
};

/** The steps of a heat in a line, ticking off; those of heats behind are folded away. */
export function StepLine({
  steps,
  stepStates,
}: {
  steps: readonly FireStep[];
  stepStates: readonly StepState[];
}) {
  const at = stepStates.indexOf('NOW');
  const heat = steps[at]?.heat ?? steps.at(-1)?.heat ?? 1;
  const heats = steps.at(-1)?.heat ?? 1;
  return (
    <ol
      aria-label={texts.steps}
      className="flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[15px] text-soft"
    >
      {heats > 1 && <li className="font-semibold text-ink">{texts.heatOf({ heat, heats })}</li>}
      {steps.map((s, i) => {
        const state = stepStates[i] ?? 'TO_COME';
        if (s.heat !== heat) return null;
        return (
          <li
            key={i}
            title={WORDS[state]}
            aria-current={state === 'NOW' ? 'step' : undefined}
            className={
              state === 'NOW' ? 'font-semibold text-ink' : state === 'LEFT_OUT' ? 'line-through' : ''
            }
          >
            <Words of={s.title} /> {MARK[state]}
          </li>
        );
      })}
    </ol>
  );
}
