import * as texts from 'texts/billet/plan';
import type { Sent } from '../../lib/api';
import { fieldsOf, KINDS, optionsOf, valueOf } from './stepKinds';

/** A plan as the core knows it. Lengths are mm, temperatures °C. No React in here. */

export type AtmosphereProtection = 'BORAX' | 'DRY' | 'BOTH' | 'SEALED';
export type Turn = 'SAME' | 'OVER' | 'END' | 'QUARTER';
export type Tool = 'FLAT' | 'ROUND' | 'HAMMER' | 'MILL';
export type Coating = 'NONE' | 'ZINC' | 'PLATED' | 'PAINTED';

/** What is not said of a piece is as the stack, solid, and bare. */
export type Piece = Sent['LayupPiece'];

/** A bar of a part, with what is laid on it to bring it up. */
export type PartBar = Sent['LayupPartBar'];

export type Laid = Piece | PartBar;
export const isPartBar = (laid: Laid): laid is PartBar => 'part' in laid;

export type Operation = Sent['Operation'];

export type Kind = Operation['kind'];

export type Step = Sent['BilletStep'];

/** What was measured of each bar after a step; null is what was not. */
export type Measured = Sent['Measurement'];

export type Stack = Sent['LayupStack'];

export type Origin = Sent['BilletOrigin'];

export type Part = Sent['BilletPart'];

export type Wanted = Sent['BilletWantedPieces'];

export type Plan = Sent['BilletPlan'];

const PLACES = { FORGE: texts.forge, BENCH: texts.bench, STACK: texts.stack };

/** The kinds of step by where they are done, with the letter that adds one. */
export const KIND_GROUPS = Object.entries(PLACES).map(([place, at]) => ({
  at,
  kinds: KINDS.filter((k) => k.at === place),
}));

export const COATING_WORDS: Record<Coating, string> = {
  NONE: texts.bare,
  ZINC: texts.galvanised,
  PLATED: texts.plated,
  PAINTED: texts.painted,
};

/** Values of a field of a kind of step. */
type Shown<K extends Kind, F extends string> =
  Extract<Operation, { kind: K }> extends { readonly [f in F]: infer V extends string } ? V : never;

export const PROTECTION_NAMES = optionsOf<AtmosphereProtection>('set', 'protection');

export const TOOL_WORDS = optionsOf<Tool>('draw', 'tool');

export const TACK_WORDS = optionsOf<Shown<'set', 'tack'>>('set', 'tack');

export const JACKET_WORDS = optionsOf<Shown<'set', 'jacket'>>('set', 'jacket');

export const PROFILE_WORDS = optionsOf<Shown<'blade', 'profile'>>('blade', 'profile');

export const TURN_WORDS = optionsOf<Turn>('fourway', 'turn');

/** Lists of what a step lays to the bar, by field. */
export const laidOf = (o: Operation): readonly (readonly [field: string, laid: readonly Laid[]])[] =>
  fieldsOf(o.kind)
    .filter((f) => f.holds === 'laid')
    .map((f) => [f.name, valueOf(o, f.name) as readonly Laid[]]);

/** The names of parts a step uses, each once. */
export const partsOf = (o: Operation): readonly string[] => [
  ...new Set(laidOf(o).flatMap(([, laid]) => laid.filter(isPartBar).map((p) => p.part))),
];

/** The plan with one operation put in another's place. */
export function withOperation(plan: Plan, step: number, operation: Operation): Plan {
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? { ...s, operation } : s)) };
}

/** The plan with a step measured, or not any more. */
export function withMeasured(plan: Plan, step: number, measured: Measured | null): Plan {
  return {
    ...plan,
    steps: plan.steps.map((s, i) => {
      if (i !== step) return s;
      const { key, operation, off = false } = s;
      return measured ? { key, operation, off, measured } : { key, operation, off };
    }),
  };
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

const freeKey = (plan: Plan) => {
  let n = plan.steps.length + 1;
  while (plan.steps.some((s) => s.key === `s${n}`)) n++;
  return `s${n}`;
};

/** The plan with one more step before the given one. */
export function withStepBefore(plan: Plan, step: number, operation: Operation): Plan {
  const steps = [...plan.steps];
  steps.splice(step, 0, { key: freeKey(plan), operation, off: false });
  return { ...plan, steps };
}

/** The plan with a step done twice. */
export function withCopy(plan: Plan, step: number): Plan {
  const copied = plan.steps[step];
  return copied ? withStepBefore(plan, step + 1, copied.operation) : plan;
}

/** The plan with a step left out, or done again. */
export function withOff(plan: Plan, step: number): Plan {
  return { ...plan, steps: plan.steps.map((s, i) => (i === step ? { ...s, off: !s.off } : s)) };
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
