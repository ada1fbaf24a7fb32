import { TERMS, type Term } from './terms';

/** Words in sentences that are worth explaining, and the term that does. Everyday words are left alone. */
const FORMS: Readonly<Record<string, string>> = {
  'anhydrous borax': 'Anhydrous borax',
  austenitize: 'Austenitize',
  bites: 'Bite',
  'cold shut': 'Cold shut',
  'cold shuts': 'Cold shut',
  coupon: 'Coupon',
  decarb: 'Decarb',
  delaminated: 'Delamination',
  delamination: 'Delamination',
  delaminations: 'Delamination',
  'double line': 'Double line',
  'double lines': 'Double line',
  'drawing dies': 'Drawing dies',
  'edge bar': 'Edge bar',
  'flat dies': 'Flat dies',
  'fuel soak': 'Fuel soak',
  'hardening heat': 'Austenitize',
  'hot short': 'Hot short',
  inclusion: 'Inclusion',
  inclusions: 'Inclusion',
  kerf: 'Kerf',
  'kiss block': 'Kiss block',
  'kiss blocks': 'Kiss block',
  martensite: 'Martensite',
  'mill scale': 'Mill scale',
  normalize: 'Normalize',
  'reducing flame': 'Reducing flame',
  restack: 'Restack',
  'sealed jacket': 'Sealed jacket',
  'setting heat': 'Setting weld',
  'setting heats': 'Setting weld',
  'setting weld': 'Setting weld',
  'squaring dies': 'Squaring dies',
  'stop block': 'Kiss block',
  'stop blocks': 'Kiss block',
  'weld line': 'Weld line',
  'welding heat': 'Welding heat',
};

const LONGEST_FIRST = Object.keys(FORMS).sort((a, b) => b.length - a.length);
const ANY = new RegExp(`\\b(${LONGEST_FIRST.join('|')})\\b`, 'gi');

/** A sentence in pieces; a piece with a term is explained. Each term is explained once a sentence. */
export function dotted(sentence: string): readonly { readonly words: string; readonly term?: Term }[] {
  const pieces: { words: string; term?: Term }[] = [];
  const seen = new Set<string>();
  let from = 0;
  for (const found of sentence.matchAll(ANY)) {
    const name = FORMS[found[0].toLowerCase()];
    const term = TERMS.find((t) => t.name === name);
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
