import { isPartBar, type Laid, type Operation, type Piece } from './plan';
import { fieldsOf, valueOf } from './stepKinds';

/** What is laid in a stack or by a step. */

/** Lists of what a step lays to the bar, by field. */
export const laidOf = (o: Operation): readonly (readonly [field: string, laid: readonly Laid[]])[] =>
  fieldsOf(o.kind)
    .filter((f) => f.holds === 'laid')
    .map((f) => [f.name, valueOf(o, f.name) as readonly Laid[]]);

/** The names of parts a step uses, each once. */
export const partsOf = (o: Operation): readonly string[] => [
  ...new Set(laidOf(o).flatMap(([, laid]) => laid.filter(isPartBar).map((p) => p.part))),
];

/** The shortest pattern the pieces follow from the bottom up: 13 pieces of 1075, 15N20 give two. */
export function patternOf(pieces: readonly Piece[]): readonly Piece[] {
  const same = (a: Piece | undefined, b: Piece | undefined) =>
    a?.steel === b?.steel &&
    a?.thicknessMm === b?.thicknessMm &&
    a?.widthMm === b?.widthMm &&
    a?.lengthMm === b?.lengthMm &&
    a?.fill === b?.fill;
  for (let length = 1; length < pieces.length; length++) {
    if (pieces.every((p, i) => same(p, pieces[i % length]))) return pieces.slice(0, length);
  }
  return pieces;
}

/** So many pieces that follow a pattern from the bottom up. */
export const repeated = (pattern: readonly Piece[], count: number): Piece[] =>
  Array.from({ length: count }, (_, i) => pattern[i % pattern.length]).filter((p) => p !== undefined);
