import * as texts from 'texts/billet/planWords';
import type { AtmosphereProtection, Coating, Kind, Operation, Tool, Turn } from './plan';
import { KINDS, optionsOf } from './stepKinds';

/** What kinds of steps, and the values of their choices, are called. */

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
