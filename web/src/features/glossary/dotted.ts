import * as texts from 'texts/glossary/dotted';
import { termOf, type Term, type TermKey } from './terms';

/** Words in sentences that are worth explaining, and the term that does. Everyday words are left alone. */
const FORMS: Readonly<Record<string, TermKey>> = Object.fromEntries(
  Object.entries(texts).flatMap(([key, words]) =>
    words.split('|').map((w) => [w.toLowerCase(), key as TermKey]),
  ),
);

const LONGEST_FIRST = Object.keys(FORMS).sort((a, b) => b.length - a.length);
const ANY = new RegExp(`\\b(${LONGEST_FIRST.join('|')})\\b`, 'gi');

/** A sentence in pieces; a piece with a term is explained. Each term is explained once a sentence. */
export function dotted(sentence: string): readonly { readonly words: string; readonly term?: Term }[] {
  const pieces: { words: string; term?: Term }[] = [];
  const seen = new Set<string>();
  let from = 0;
  for (const found of sentence.matchAll(ANY)) {
    const key = FORMS[found[0].toLowerCase()];
    const term = key && termOf(key);
    if (!term || seen.has(term.name)) continue;
    seen.add(term.name);
    if (found.index > from) pieces.push({ words: sentence.slice(from, found.index) });
    pieces.push({ words: found[0], term });
    from = found.index + found[0].length;
  }
  if (from < sentence.length) pieces.push({ words: sentence.slice(from) });
  return pieces;
}

/** For tests: every term named here. */
export const EXPLAINED = [...new Set(Object.values(FORMS))];
