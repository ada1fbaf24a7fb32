import * as texts from 'texts/billet/merge';
/**
 * Puts an edit that was made on one version of a document on another version of it. Pure.
 *
 * Objects are merged field by field, lists of things with a `key` or a `name` thing by thing, everything else as
 * a whole. Where both changed the same thing in different ways there is no answer: what someone else did is
 * never overwritten unseen.
 */
export function merge<T>(from: T, to: T, present: T): T | null {
  const merged = both(from, to, present);
  return merged === CONFLICT ? null : (merged as T);
}

const CONFLICT = Symbol(texts.changedInBothWindows);
type Fields = Readonly<Record<string, unknown>>;

const same = (a: unknown, b: unknown): boolean =>
  a === b || JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/** Fields in one order, so that documents can be compared as text. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (!isFields(value)) return value;
  return Object.fromEntries(
    Object.keys(value)
      .sort()
      .map((key) => [key, sorted(value[key])]),
  );
}

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function both(from: unknown, to: unknown, present: unknown): unknown {
  if (same(from, to) || same(to, present)) return present;
  if (same(from, present)) return to;
  if (isFields(from) && isFields(to) && isFields(present)) return fields(from, to, present);
  if (isKeyed(from) && isKeyed(to) && isKeyed(present)) return list(from, to, present);
  return CONFLICT;
}

function fields(from: Fields, to: Fields, present: Fields): unknown {
  const merged: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(from), ...Object.keys(to), ...Object.keys(present)])) {
    const value = both(from[key], to[key], present[key]);
    if (value === CONFLICT) return CONFLICT;
    if (value !== undefined) merged[key] = value;
  }
  return merged;
}

const keyOf = (thing: unknown): string | null => {
  if (!isFields(thing)) return null;
  const key = thing['key'] ?? thing['name'];
  return typeof key === 'string' ? key : null;
};

const isKeyed = (value: unknown): value is readonly Fields[] =>
  Array.isArray(value) &&
  value.every((v) => keyOf(v) !== null) &&
  new Set(value.map(keyOf)).size === value.length;

/** Order and presence are one thing: they may have changed on one side only. */
function list(from: readonly Fields[], to: readonly Fields[], present: readonly Fields[]): unknown {
  const keys = (all: readonly Fields[]) => all.map(keyOf);
  const order = both(keys(from), keys(to), keys(present));
  if (order === CONFLICT) return CONFLICT;
  const at = (all: readonly Fields[], key: string) => all.find((v) => keyOf(v) === key);
  const merged: unknown[] = [];
  for (const key of order as readonly string[]) {
    const value = both(at(from, key), at(to, key), at(present, key));
    if (value === CONFLICT || value === undefined) return CONFLICT;
    merged.push(value);
  }
  // What is removed because of the edit must be as the edit knew it.
  const lost = present.filter((v) => !(order as readonly string[]).includes(keyOf(v) ?? ''));
  return lost.every((v) => same(v, at(from, keyOf(v) ?? ''))) ? merged : CONFLICT;
}
