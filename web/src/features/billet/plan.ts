/** A plan as the core knows it. Lengths are mm, temperatures °C. No React in here. */

export type OxygenSchool = 'BORAX' | 'DRY' | 'BOTH' | 'SEALED';
export type Lay = 'SAME' | 'TURNED';

export interface Piece {
  readonly steel: string;
  readonly thicknessMm: number;
}

export type Operation =
  | {
      readonly kind: 'set';
      readonly heats: number;
      readonly reduction: number;
      readonly temperatureC: number;
      readonly soakMin: number;
      readonly school: OxygenSchool;
    }
  | { readonly kind: 'draw'; readonly widthMm: number; readonly heightMm: number; readonly heats: number }
  | { readonly kind: 'trim'; readonly frontMm: number; readonly backMm: number; readonly sidesMm: number }
  | { readonly kind: 'grind'; readonly bottomMm: number; readonly topMm: number }
  | { readonly kind: 'cut'; readonly pieces: number; readonly kerfMm: number }
  | { readonly kind: 'restack'; readonly lay: Lay; readonly between: readonly Piece[] }
  | { readonly kind: 'fold'; readonly endLossMm: number };

export type Kind = Operation['kind'];

export interface Step {
  readonly key: string;
  readonly operation: Operation;
}

export interface Stack {
  readonly pieces: readonly Piece[];
  readonly widthMm: number;
  readonly lengthMm: number;
}

export interface Plan {
  readonly stack: Stack;
  readonly steps: readonly Step[];
}

/** The kinds of step in the order a smith meets them, with the letter that adds one. */
export const KINDS: readonly { readonly kind: Kind; readonly name: string; readonly letter: string }[] = [
  { kind: 'set', name: 'Set weld', letter: 'w' },
  { kind: 'draw', name: 'Draw', letter: 'd' },
  { kind: 'trim', name: 'Trim', letter: 't' },
  { kind: 'cut', name: 'Cut', letter: 'c' },
  { kind: 'grind', name: 'Grind', letter: 'g' },
  { kind: 'restack', name: 'Restack', letter: 'r' },
  { kind: 'fold', name: 'Fold', letter: 'f' },
];

export const SCHOOL_WORDS: Record<OxygenSchool, string> = {
  BORAX: 'borax',
  DRY: 'dry with fuel',
  BOTH: 'fuel, then borax',
  SEALED: 'sealed',
};

export const kindName = (kind: Kind) => KINDS.find((k) => k.kind === kind)?.name ?? kind;

/** The plan with one operation put in another's place. */
export function withOperation(plan: Plan, step: number, operation: Operation): Plan {
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? { ...s, operation } : s)) };
}

/** The plan with some fields of one operation changed; the kind of step stays. */
export function withChange(
  plan: Plan,
  step: number,
  change: (operation: Operation) => Partial<Operation>,
): Plan {
  const operation = plan.steps[step]?.operation;
  return operation
    ? withOperation(plan, step, { ...operation, ...change(operation), kind: operation.kind } as Operation)
    : plan;
}

export function withoutStep(plan: Plan, step: number): Plan {
  return { ...plan, steps: plan.steps.filter((_, i) => i !== step) };
}

/** The plan with a step moved up (−1) or down (+1); the same plan where it cannot go further. */
export function withStepMoved(plan: Plan, step: number, by: -1 | 1): Plan {
  const moved = plan.steps[step];
  const other = plan.steps[step + by];
  if (!moved || !other) return plan;
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? other : i === step + by ? moved : s)) };
}

/** The shortest pattern the pieces follow from the bottom up: 13 pieces of 1075, 15N20 give two. */
export function patternOf(pieces: readonly Piece[]): readonly Piece[] {
  const same = (a: Piece | undefined, b: Piece | undefined) =>
    a?.steel === b?.steel && a?.thicknessMm === b?.thicknessMm;
  for (let length = 1; length < pieces.length; length++) {
    if (pieces.every((p, i) => same(p, pieces[i % length]))) return pieces.slice(0, length);
  }
  return pieces;
}

/** So many pieces that follow a pattern from the bottom up. */
export const repeated = (pattern: readonly Piece[], count: number): Piece[] =>
  Array.from({ length: count }, (_, i) => pattern[i % pattern.length]).filter((p) => p !== undefined);
