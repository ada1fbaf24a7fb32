import * as texts from 'texts/help/views';
import type { TermKey } from '../glossary/terms';
/** What a view is, in two sentences, and what to do next on it. */
export interface ViewHelp {
  readonly title: string;
  readonly about: string;
  readonly next: string;
  /** Keys of glossary terms. */
  readonly terms: readonly TermKey[];
}

/** By the start of the address; the longest that fits is shown. */
const VIEWS: Readonly<Record<string, ViewHelp>> = {
  '/rack': {
    title: texts.rackTitle,
    about: texts.rackAbout,
    next: texts.rackNext,
    terms: ['billet', 'layerCount', 'delamination'],
  },
  '/billets/new': {
    title: texts.billetsNewTitle,
    about: texts.billetsNewAbout,
    next: texts.billetsNewNext,
    terms: ['stack', 'piece', 'restack', 'layerCount'],
  },
  '/billets/': {
    title: texts.billetTitle,
    about: texts.billetAbout,
    next: texts.billetNext,
    terms: ['run', 'settingWeld', 'drawOut', 'kerf', 'layerCount'],
  },
  '/billets/inside': {
    title: texts.billetsInsideTitle,
    about: texts.billetsInsideAbout,
    next: texts.billetsInsideNext,
    terms: ['ladder', 'raindrop', 'twist', 'contrast', 'etch'],
  },
  '/billets/heat': {
    title: texts.billetsHeatTitle,
    about: texts.billetsHeatAbout,
    next: texts.billetsHeatNext,
    terms: ['weldingHeat', 'soak', 'settingWeld', 'kissBlock', 'decarb'],
  },
  '/billets/finish': {
    title: texts.billetsFinishTitle,
    about: texts.billetsFinishAbout,
    next: texts.billetsFinishNext,
    terms: ['normalize', 'austenitize', 'quench', 'temper', 'etch'],
  },
  '/billets/card': {
    title: texts.billetsCardTitle,
    about: texts.billetsCardAbout,
    next: texts.billetsCardNext,
    terms: ['kissBlock', 'layerCount'],
  },
  '/billets/bench': {
    title: texts.billetsBenchTitle,
    about: texts.billetsBenchAbout,
    next: texts.billetsBenchNext,
    terms: ['kerf', 'kissBlock', 'settingWeld'],
  },
  '/billets/count': {
    title: texts.billetsCountTitle,
    about: texts.billetsCountAbout,
    next: texts.billetsCountNext,
    terms: ['layerCount', 'etch', 'contrast'],
  },
  '/billets/measure': {
    title: texts.billetsMeasureTitle,
    about: texts.billetsMeasureAbout,
    next: texts.billetsMeasureNext,
    terms: ['bar', 'kerf'],
  },
  '/billets/compare': {
    title: texts.billetsCompareTitle,
    about: texts.billetsCompareAbout,
    next: texts.billetsCompareNext,
    terms: ['etch', 'twist', 'ladder'],
  },
  '/billets/flaws': {
    title: texts.billetsFlawsTitle,
    about: texts.billetsFlawsAbout,
    next: texts.billetsFlawsNext,
    terms: ['delamination', 'inclusion', 'etch'],
  },
  '/finder': {
    title: texts.finderTitle,
    about: texts.finderAbout,
    next: texts.finderNext,
    terms: ['layerCount', 'restack', 'stack', 'kerf'],
  },
  '/fire': {
    title: texts.fireTitle,
    about: texts.fireAbout,
    next: texts.fireNext,
    terms: ['soak', 'settingWeld', 'reducingFlame', 'delamination'],
  },
  '/steels': {
    title: texts.steelsTitle,
    about: texts.steelsAbout,
    next: texts.steelsNext,
    terms: ['weldingHeat', 'contrast', 'martensite', 'hotShort'],
  },
  '/book': {
    title: texts.bookTitle,
    about: texts.bookAbout,
    next: texts.bookNext,
    terms: ['delamination', 'inclusion', 'coldShut', 'weldLine'],
  },
  '/evidence': {
    title: texts.evidenceTitle,
    about: texts.evidenceAbout,
    next: texts.evidenceNext,
    terms: ['delamination', 'coupon', 'soak'],
  },
  '/shop': {
    title: texts.shopTitle,
    about: texts.shopAbout,
    next: texts.shopNext,
    terms: ['flatDies', 'kissBlock', 'kerf', 'scale'],
  },
  '/glossary': {
    title: texts.glossaryTitle,
    about: texts.glossaryAbout,
    next: texts.glossaryNext,
    terms: [],
  },
  '/first-steps': {
    title: texts.firstStepsTitle,
    about: texts.firstStepsAbout,
    next: texts.firstStepsNext,
    terms: ['billet', 'layerCount'],
  },
};

/** The help of an address. */
export function helpOf(pathname: string): ViewHelp | undefined {
  const plain = pathname.replace(/^\/billets\/\d+\/(\w+)$/, '/billets/$1');
  const fits = Object.keys(VIEWS).filter((start) => plain.startsWith(start));
  return VIEWS[fits.sort((a, b) => b.length - a.length)[0] ?? ''];
}

/** For tests: all of them. */
export const ALL_HELP = Object.values(VIEWS);
