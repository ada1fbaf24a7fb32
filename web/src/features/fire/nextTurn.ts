import * as texts from 'texts/fire/nextTurn';
import type { Turn } from './api';

/** Whose turn at the press is next after this billet's, in words; null where it is alone. */
export function nextTurn(
  order: readonly Turn[],
  nowS: number,
  names: readonly string[],
  place: number,
): string | null {
  if (names.length < 2) return null;
  const next = order.find((t) => t.job !== place);
  if (!next) return null;
  const minutes = Math.max(0, Math.round(next.pressMin - nowS / 60));
  return texts.nextAtThePress({
    value: names[next.job] ?? '',
    value2: minutes === 0 ? 'now' : texts.inMin({ minutes }),
  });
}
