import { Words } from '../../ui/Words';
import type { FireStep, Standing } from './api';

const MARK: Record<Standing, string> = { DONE: '✓', LEFT_OUT: '–', NOW: '', TO_COME: '' };
const WORDS: Record<Standing, string> = {
  DONE: 'done',
  LEFT_OUT: 'skipped',
  NOW: 'now',
  TO_COME: 'next',
};

/** The steps of a heat in a line, ticking off; those of heats behind are folded away. */
export function StepLine({
  steps,
  stepStates,
}: {
  steps: readonly FireStep[];
  stepStates: readonly Standing[];
}) {
  const at = stepStates.indexOf('NOW');
  const heat = steps[at]?.heat ?? steps.at(-1)?.heat ?? 1;
  const heats = steps.at(-1)?.heat ?? 1;
  return (
    <ol aria-label="Steps" className="flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[15px] text-soft">
      {heats > 1 && (
        <li className="font-semibold text-ink">
          heat {heat} of {heats}
        </li>
      )}
      {steps.map((s, i) => {
        const standing = stepStates[i] ?? 'TO_COME';
        if (s.heat !== heat) return null;
        return (
          <li
            key={i}
            title={WORDS[standing]}
            aria-current={standing === 'NOW' ? 'step' : undefined}
            className={
              standing === 'NOW' ? 'font-semibold text-ink' : standing === 'LEFT_OUT' ? 'line-through' : ''
            }
          >
            <Words of={s.title} /> {MARK[standing]}
          </li>
        );
      })}
    </ol>
  );
}
