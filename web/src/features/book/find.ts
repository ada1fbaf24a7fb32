import { SCHOOL_WORDS } from '../billet/plan';
import { OUTCOME_WORDS, type Weld, type WeldOutcome } from './api';

/** Which welds are looked for. */
export interface Wanted {
  readonly outcome: WeldOutcome | 'ALL';
  readonly words: string;
}

/** The welds that have the outcome and every one of the words somewhere in their entry. */
export function find(welds: readonly Weld[], wanted: Wanted): readonly Weld[] {
  const words = wanted.words.toLowerCase().split(/\s+/).filter(Boolean);
  return welds.filter((w) => {
    if (wanted.outcome !== 'ALL' && w.outcome !== wanted.outcome) return false;
    const entry =
      `${w.billetName} ${w.stepTitle} ${w.note} ${SCHOOL_WORDS[w.school]} ${OUTCOME_WORDS[w.outcome]} ${w.madeBy}`.toLowerCase();
    return words.every((word) => entry.includes(word));
  });
}
