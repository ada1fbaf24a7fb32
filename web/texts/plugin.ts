import { existsSync, readFileSync } from 'node:fs';
import MessageFormat from '@messageformat/core';
import compileModule from '@messageformat/core/compile-module';
import { parse, type Token } from '@messageformat/parser';
import type { Plugin } from 'vite';

/** The texts of one source file: ICU messages by their keys. */
export type Texts = Record<string, string>;
/** The whole catalogue: a source file's texts by its path under src, without `features/`. */
export type Catalogue = Record<string, Texts>;

/** A made-up language that shows what is not in the catalogue: letters with accents, longer, in brackets. */
export const PSEUDO = 'en-XA';

const SOURCE = 'en';
const PREFIX = 'texts/';
const here = (name: string) => new URL(name, import.meta.url);

export const readCatalogue = (language: string): Catalogue =>
  JSON.parse(readFileSync(here(`./${language}.json`), 'utf8')) as Catalogue;

const ACCENTS: Record<string, string> = {
  a: 'à',
  c: 'ç',
  e: 'è',
  i: 'ì',
  n: 'ñ',
  o: 'ò',
  u: 'ù',
  y: 'ý',
  A: 'À',
  C: 'Ç',
  E: 'È',
  I: 'Ì',
  N: 'Ñ',
  O: 'Ò',
  U: 'Ù',
  Y: 'Ý',
};

/** Marks of figures, such as [[C 600]], are no letters to read. */
const accented = (text: string) =>
  text.replace(/\[\[\w+ ?|[a-zA-Z]/g, (part) => (part.startsWith('[[') ? part : (ACCENTS[part] ?? part)));

/** A message in the made-up language; its parameters and plurals stay. */
export function pseudo(message: string): string {
  const say = (tokens: readonly Token[]): string =>
    tokens
      .map((token) => {
        switch (token.type) {
          case 'content':
            return accented(token.value).replace(/[{}]/g, (c) => `'${c}'`);
          case 'plural':
          case 'select':
          case 'selectordinal':
            return `{${token.arg}, ${token.type},${token.cases.map((c) => ` ${c.key} {${say(c.tokens)}}`).join('')}}`;
          case 'octothorpe':
            return '#';
          case 'argument':
            return `{${token.arg}}`;
          case 'function':
            return token.ctx.text;
        }
      })
      .join('');
  const said = say(parse(message));
  return /[a-zA-Z]/.test(message) ? `⟦${said}⟧` : said;
}

/** The texts of one file in a language; what a language has not yet is said in English. */
function textsOf(file: string, language: string, read: (language: string) => Catalogue): Texts | undefined {
  const english = read(SOURCE)[file];
  if (!english || language === SOURCE) return english;
  if (language === PSEUDO) {
    return Object.fromEntries(Object.entries(english).map(([key, text]) => [key, pseudo(text)]));
  }
  return { ...english, ...read(language)[file] };
}

/** The parameters of a message; true where one is counted. */
export function parametersOf(message: string): Map<string, boolean> {
  const found = new Map<string, boolean>();
  const visit = (tokens: readonly Token[]) => {
    for (const token of tokens) {
      if (token.type === 'argument' || token.type === 'function') {
        found.set(token.arg, found.get(token.arg) ?? false);
      }
      if (token.type === 'plural' || token.type === 'select' || token.type === 'selectordinal') {
        found.set(token.arg, token.type !== 'select');
        token.cases.forEach((c) => visit(c.tokens));
      }
    }
  };
  visit(parse(message));
  return found;
}

function compiled(texts: Texts, language: string): string {
  const spoken = language === PSEUDO ? SOURCE : language;
  const counted = Object.fromEntries(Object.entries(texts).filter(([, text]) => parametersOf(text).size > 0));
  const plain = Object.entries(texts)
    .filter(([key]) => !(key in counted))
    .map(([key, text]) => `export const ${key} = ${JSON.stringify(constant(text))};`);
  if (Object.keys(counted).length === 0) return plain.join('\n');
  return [
    compileModule(new MessageFormat(spoken), counted).replace('export default', 'const messages ='),
    ...Object.keys(counted).map((key) => `export const ${key} = messages.${key};`),
    ...plain,
  ].join('\n');
}

/** A message without parameters as it is read. */
const constant = (message: string) =>
  parse(message)
    .map((token) => (token.type === 'content' ? token.value : ''))
    .join('');

/** What TypeScript knows of the catalogue: src/texts.d.ts. */
export function declarations(catalogue: Catalogue): string {
  const modules = Object.entries(catalogue).map(([file, texts]) => {
    const lines = Object.entries(texts).map(([key, text]) => {
      const parameters = [...parametersOf(text)].map(
        ([name, counted]) => `${name}: ${counted ? 'number' : 'string | number'}`,
      );
      return parameters.length === 0
        ? `  export const ${key}: string;`
        : `  export function ${key}(values: { ${parameters.join('; ')} }): string;`;
    });
    return `declare module '${PREFIX}${file}' {\n${lines.join('\n')}\n}\n`;
  });
  return `// Written from texts/en.json: UPDATE_TEXTS=1 npx vitest run texts\n${modules.join('\n')}`;
}

/**
 * Serves `texts/<file>`: the texts of a source file as constants and functions, in the language the pages are
 * built for (GEMINAL_LANGUAGE, a file in this folder; English where nothing is said). No catalogue is loaded at
 * run time, and each view carries its own texts only.
 */
export function texts(language = process.env.GEMINAL_LANGUAGE ?? SOURCE): Plugin {
  if (language !== PSEUDO && !existsSync(here(`./${language}.json`))) {
    throw new Error(`No texts in “${language}”. Add web/texts/${language}.json.`);
  }
  const catalogues = new Map<string, Catalogue>();
  const read = (of: string) => {
    const known = catalogues.get(of) ?? readCatalogue(of);
    catalogues.set(of, known);
    return known;
  };
  return {
    name: 'texts',
    enforce: 'pre',
    watchChange: () => catalogues.clear(),
    resolveId: (id) => (id.startsWith(PREFIX) ? `\0${id}` : undefined),
    load(id) {
      if (!id.startsWith(`\0${PREFIX}`)) return undefined;
      this.addWatchFile(here(`./${SOURCE}.json`).pathname);
      const file = id.slice(PREFIX.length + 1);
      const found = textsOf(file, language, read);
      if (!found) throw new Error(`texts/${SOURCE}.json has no texts of ${file}.`);
      return compiled(found, language);
    },
  };
}
