import type { Cell, Grade } from '../pair/api';
import type { Steel } from './api';

/** What the list is narrowed to. */
export interface Wish {
  readonly words: string;
  readonly onShelf: boolean;
  /** Only what is compatible with the chosen one. */
  readonly worksWith: boolean;
  readonly blacker: boolean;
  readonly tougher: boolean;
}

export const ALL: Wish = { words: '', onShelf: false, worksWith: false, blacker: false, tougher: false };

const GOOD: readonly Grade[] = ['EXCELLENT', 'VERY_GOOD', 'GOOD'];

/** Tougher, roughly: hardens with less carbon dissolved to make it brittle. */
const brittleness = (s: Steel) => (s.hardening ? s.composition.carbon : Infinity);

/**
 * The steels that fit a wish. Comparisons are with the first chosen one; `pairs` are its pairs with the others.
 */
export function wished(
  steels: readonly Steel[],
  wish: Wish,
  shelf: ReadonlySet<string>,
  first: Steel | undefined,
  pairs: readonly Cell[],
): readonly Steel[] {
  const words = wish.words.toLowerCase().split(/\s+/).filter(Boolean);
  const goes = new Set(
    pairs
      .filter((c) => GOOD.includes(c.grade) && (c.a === first?.id || c.b === first?.id))
      .flatMap((c) => [c.a, c.b]),
  );
  return steels.filter((s) => {
    const entry = `${s.id} ${s.name} ${s.designations} ${s.family}`.toLowerCase();
    return (
      words.every((w) => entry.includes(w)) &&
      (!wish.onShelf || shelf.has(s.id)) &&
      (!first ||
        s.id === first.id ||
        ((!wish.worksWith || goes.has(s.id)) &&
          (!wish.blacker || s.etchTone.value < first.etchTone.value) &&
          (!wish.tougher || brittleness(s) < brittleness(first))))
    );
  });
}

export const MOST_CHOSEN = 6;

/** The chosen steels with one more, or one less. */
export const toggled = (chosen: readonly string[], id: string): readonly string[] =>
  chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id].slice(-MOST_CHOSEN);
