import * as texts from 'texts/glossary/terms';

export type TermKey = keyof typeof texts;

/** A word of the trade in our own words. */
export interface Term {
  readonly key: TermKey;
  readonly name: string;
  readonly meaning: string;
}

/** In the catalogue a term and its meaning are one text, with a colon between. */
export const TERMS: readonly Term[] = Object.entries(texts)
  .map(([key, text]) => {
    const colon = text.indexOf(': ');
    return { key: key as TermKey, name: text.slice(0, colon), meaning: text.slice(colon + 2) };
  })
  .sort((a, b) => a.name.localeCompare(b.name));

export const termOf = (key: TermKey) => TERMS.find((t) => t.key === key);

/** Terms with all these words in their name or meaning; a name that starts with them first. */
export function found(search: string, all: readonly Term[] = TERMS): readonly Term[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const has = (t: Term) => words.every((w) => `${t.name} ${t.meaning}`.toLowerCase().includes(w));
  const first = (t: Term) => (words[0] !== undefined && t.name.toLowerCase().startsWith(words[0]) ? 0 : 1);
  return all.filter(has).sort((a, b) => first(a) - first(b));
}

/** The address of a term on its page. */
export const anchor = (key: TermKey) => key.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
