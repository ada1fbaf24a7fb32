import type { Measure } from '../../ui/MeasureField';
import type { Kind, Operation } from './plan';
import described from './stepKinds.json';

/** Each kind of step as the core describes it: its name, where it is done, its fields. No React in here. */

export interface FieldOf {
  readonly name: string;
  readonly holds: Measure | 'choice' | 'yesNo' | 'turns' | 'bars' | 'laid' | 'pieces' | 'piece';
  /** What it is called; empty where it has a place of its own. */
  readonly label: string;
  /** What the answers of an either-or are called. */
  readonly yes?: string;
  readonly no?: string;
  /** What the values of a choice are called. */
  readonly options?: Readonly<Record<string, string>>;
}

export interface KindOf {
  readonly kind: Kind;
  readonly name: string;
  readonly at: 'FORGE' | 'BENCH' | 'STACK';
  /** Adds a step of this kind. */
  readonly letter: string;
  readonly fields: readonly FieldOf[];
}

export const KINDS = described as unknown as readonly KindOf[];

const BY_KIND = new Map(KINDS.map((k) => [k.kind, k]));

export const kindName = (kind: Kind) => BY_KIND.get(kind)?.name ?? kind;

export const fieldsOf = (kind: Kind): readonly FieldOf[] => BY_KIND.get(kind)?.fields ?? [];

/** What the values of a choice are called. */
export const optionsOf = <V extends string>(kind: Kind, field: string) =>
  (fieldsOf(kind).find((f) => f.name === field)?.options ?? {}) as Readonly<Record<V, string>>;

const ELSEWHERE: ReadonlySet<FieldOf['holds']> = new Set([
  'choice',
  'yesNo',
  'turns',
  'bars',
  'laid',
  'pieces',
  'piece',
]);

/** Whether a field holds a figure, and so is typed. */
export const isFigure = (field: FieldOf): field is FieldOf & { readonly holds: Measure } =>
  !ELSEWHERE.has(field.holds);

/** What a field of a step holds. */
export const valueOf = (o: Operation, field: string) =>
  (o as unknown as Readonly<Record<string, unknown>>)[field];

/** Choices that are only asked about where it makes sense. */
const ASKED: Readonly<Record<string, (o: Operation) => boolean>> = {
  // An ordinary forge weld is not asked about; the finding on copper offers the others.
  'set.method': (o) => o.kind === 'set' && o.method !== undefined && o.method !== 'FORGE',
  'set.jacket': (o) => o.kind === 'set' && o.protection === 'SEALED',
};

/** The fields a step is asked about, in order. */
export const askedOf = (o: Operation) =>
  fieldsOf(o.kind).filter((f) => ASKED[`${o.kind}.${f.name}`]?.(o) ?? true);
