import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { declarations, parametersOf, pseudo, readCatalogue } from './plugin';

const catalogue = readCatalogue('en');
const source = (file: string) => readFileSync(file, 'utf8');
const sourceOf = (name: string) =>
  ['src/', 'src/features/']
    .flatMap((folder) => [`${folder}${name}.ts`, `${folder}${name}.tsx`])
    .filter((file) => existsSync(file));

describe('the catalogue of the pages', () => {
  it('is known to TypeScript; UPDATE_TEXTS=1 writes it', () => {
    const file = 'src/texts.d.ts';
    if (process.env.UPDATE_TEXTS) writeFileSync(file, declarations(catalogue));
    expect(source(file)).toBe(declarations(catalogue));
  });

  it.each(Object.keys(catalogue))('has no text of %s that is not used', (name) => {
    const files = sourceOf(name);
    expect(files).toHaveLength(1);
    // These are read one after the other.
    if (source(files[0] as string).includes('Object.entries(texts)')) return;
    const used = new Set(
      [...source(files[0] as string).matchAll(/\btexts\.(\w+)/g)].map((match) => match[1]),
    );
    expect(Object.keys(catalogue[name] ?? {}).filter((key) => !used.has(key))).toEqual([]);
  });
});

describe('the made-up language', () => {
  it('changes letters and keeps parameters and plurals', () => {
    const english = '{n, plural, one {# bar} other {# bars}} of {steel}';
    const made = pseudo(english);
    expect(made).toBe('⟦{n, plural, one {# bàr} other {# bàrs}} òf {steel}⟧');
    expect(parametersOf(made)).toEqual(parametersOf(english));
  });
});
