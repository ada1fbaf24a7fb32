import terms from './terms.json';

/** A word of the trade in our own words. */
export interface Term {
  readonly name: string;
  readonly meaning: string;
}

export const TERMS: readonly Term[] = terms.map(([name = '', meaning = '']) => ({ name, meaning }));

/** Terms with all these words in their name or meaning; a name that starts with them first. */
export function found(search: string, all: readonly Term[] = TERMS): readonly Term[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const has = (t: Term) => words.every((w) => `${t.name} ${t.meaning}`.toLowerCase().includes(w));
  const first = (t: Term) => (words[0] !== undefined && t.name.toLowerCase().startsWith(words[0]) ? 0 : 1);
  return all.filter(has).sort((a, b) => first(a) - first(b));
}

/** The address of a term on its page. */
export const anchor = (name: string) => name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
