import type { Steel } from '../steel/api';
import type { Shelved } from '../stock/api';
import { repeated } from './laid';
import type { Draft } from './useDraft';

/** 1/8 in for the dark steel and 1/16 in for the bright one, where the shelf says nothing else. */
const DARK_MM = 3.175;
const BRIGHT_MM = 1.5875;
const BRIGHT_FROM_TONE = 0.5;

/** Where a new billet begins: the steels asked for, as thick as they lie on the shelf, thirteen pieces. */
export function firstDraft(
  asked: readonly string[],
  steels: readonly Steel[],
  shelf: readonly Shelved[],
): Draft {
  const known = asked.filter((id) => steels.some((s) => s.id === id));
  const pattern = (known.length > 0 ? known : ['1084', '15N20']).map((steel) => {
    const tone = steels.find((s) => s.id === steel)?.etchTone.value ?? 0;
    return {
      steel,
      thicknessMm:
        shelf.find((s) => s.bar.steel === steel)?.bar.thicknessMm ??
        (tone >= BRIGHT_FROM_TONE ? BRIGHT_MM : DARK_MM),
    };
  });
  return {
    stack: { pieces: repeated(pattern, 13), widthMm: 38.1, lengthMm: 152.4 },
    rounds: [{ cut: 4, turns: ['SAME'] }],
  };
}
