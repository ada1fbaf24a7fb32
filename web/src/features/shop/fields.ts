import type { Measure } from '../../ui/MeasureField';
import { JACKET_WORDS, SCHOOL_WORDS, TACK_WORDS, TOOL_WORDS } from '../billet/plan';
import type { Forge, Limits, Mill, Pace, Practice, Press } from './api';

/** What can be said about each part of the shop, in the order it is thought of. No React in here. */

export interface Figure<T> {
  readonly name: keyof T & string;
  readonly label: string;
  readonly measure: Measure;
  readonly hint?: string;
}

export interface Pick<T> {
  readonly name: keyof T & string;
  readonly label: string;
  /** Values told as text; yes and no for what is either. */
  readonly options: Readonly<Record<string, string>>;
}

export const FORGE: readonly Figure<Forge>[] = [
  { name: 'widthMm', label: 'Chamber width', measure: 'length' },
  { name: 'heightMm', label: 'Chamber height', measure: 'length' },
  { name: 'lengthMm', label: 'Chamber length', measure: 'length' },
  { name: 'doorWidthMm', label: 'Door width', measure: 'length' },
  { name: 'doorHeightMm', label: 'Door height', measure: 'length' },
  { name: 'burners', label: 'Burners', measure: 'count' },
  { name: 'ratedLitres', label: 'Burners rated for', measure: 'volume' },
  { name: 'powerKw', label: 'Heat into the steel', measure: 'power' },
  { name: 'highestC', label: 'Highest heat', measure: 'temperature' },
];

export const FORGE_PICKS: readonly Pick<Forge>[] = [
  {
    name: 'lining',
    label: 'Lining',
    options: {
      FIBRE: 'fibre, floor too',
      FIBRE_HARD_FLOOR: 'fibre, hard floor',
      HARD: 'castable or brick',
    },
  },
  { name: 'airControl', label: 'Can run rich', options: { yes: 'yes', no: 'no' } },
  { name: 'openEnds', label: 'A bar can stick out at both ends', options: { yes: 'yes', no: 'no' } },
];

export const PRESS: readonly Figure<Press>[] = [
  { name: 'boreMm', label: 'Bore', measure: 'length' },
  { name: 'gaugeLimitMpa', label: 'Gauge limit', measure: 'pressure' },
  { name: 'ratedForceKn', label: 'or rated force', measure: 'force' },
  { name: 'openingMm', label: 'Opening', measure: 'length' },
  { name: 'diesMm', label: 'Both dies high', measure: 'length' },
  { name: 'dieLengthMm', label: 'Flat dies along the bar', measure: 'length' },
  { name: 'roundDieMm', label: 'Round dies touch', measure: 'length' },
  { name: 'speedMmS', label: 'Ram speed', measure: 'speed' },
];

export const MILL: readonly Figure<Mill>[] = [
  { name: 'rollMm', label: 'Rolls across', measure: 'length' },
  { name: 'openingMm', label: 'Widest gap', measure: 'length' },
];

export const PRACTICE: readonly Figure<Practice>[] = [
  { name: 'weldTemperatureC', label: 'Welding heat', measure: 'temperature' },
  { name: 'soakMin', label: 'Soak, from cold', measure: 'minutes' },
  { name: 'settingHeats', label: 'Setting heats', measure: 'count' },
  { name: 'setReduction', label: 'Height taken', measure: 'share' },
  { name: 'drawTemperatureC', label: 'Drawing heat', measure: 'temperature' },
  { name: 'drawHeatMin', label: 'A drawing heat', measure: 'minutes' },
  { name: 'kerfMm', label: 'Saw kerf', measure: 'length' },
  { name: 'endTrimMm', label: 'Off each end', measure: 'length' },
  { name: 'faceGrindMm', label: 'Off a joint face', measure: 'length' },
  { name: 'finishGrindMm', label: 'Left to grind, each face', measure: 'length' },
  {
    name: 'scaleFactor',
    label: 'Scale, over what is reckoned',
    measure: 'number',
    hint: '1 until it is learnt',
  },
  { name: 'jacketMm', label: 'Skin with a jacket', measure: 'length' },
];

export const PRACTICE_PICKS: readonly Pick<Practice>[] = [
  { name: 'school', label: 'Keeping oxygen out', options: SCHOOL_WORDS },
  {
    name: 'atmosphere',
    label: 'Flame',
    options: { RICH: 'rich', NEUTRAL: 'neutral', OXIDISING: 'oxidising' },
  },
  { name: 'setTool', label: 'Welds set under', options: TOOL_WORDS },
  { name: 'drawTool', label: 'Drawn out under', options: TOOL_WORDS },
  { name: 'tack', label: 'A dry stack is held by', options: TACK_WORDS },
  { name: 'jacket', label: 'A sealed one is closed by', options: JACKET_WORDS },
  {
    name: 'faces',
    label: 'Faces of new pieces',
    options: { GROUND: 'ground bright', CLEAN_SCALE: 'clean mill scale left on', AS_FOUND: 'as found' },
  },
  { name: 'degreases', label: 'Degreased and closed the same day', options: { yes: 'yes', no: 'no' } },
];

export const LIMITS: readonly Figure<Limits>[] = [
  { name: 'shortestPieceMm', label: 'Shortest piece', measure: 'length', hint: 'held, clamped, tacked' },
  { name: 'heaviestKg', label: 'Held in hand', measure: 'mass' },
  { name: 'tallestStackMm', label: 'Tallest stack', measure: 'length', hint: 'taller leans, heats unevenly' },
  { name: 'longestBarMm', label: 'Longest bar', measure: 'length', hint: 'has to swing in the shop' },
  { name: 'outerPieceMm', label: 'Thinnest outer piece', measure: 'length', hint: 'thinner bows off' },
  { name: 'longStackMm', label: 'Long stack', measure: 'length', hint: 'then thin pieces want a side bead' },
  { name: 'sizesDifferMm', label: 'Pieces may differ by', measure: 'length', hint: 'more leaves cold shuts' },
  {
    name: 'heightsDifferMm',
    label: 'Parts may differ by',
    measure: 'length',
    hint: 'more and they do not touch',
  },
  { name: 'nothingBondsBelowC', label: 'Nothing bonds below', measure: 'temperature' },
  { name: 'overheatedAboveC', label: 'Overheated above', measure: 'temperature', hint: 'grain, carbon' },
  {
    name: 'firstSetReduction',
    label: 'First squeeze at most',
    measure: 'share',
    hint: 'more splits the sides',
  },
  { name: 'grooveDepth', label: 'Deepest groove', measure: 'share', hint: 'of the thickness' },
  { name: 'twistShear', label: 'Surface shear of a twist', measure: 'number', hint: 'to 3 in steady hands' },
  { name: 'smallestSquareMm', label: 'Smallest square', measure: 'length', hint: 'to re-square or tile' },
  { name: 'finestLayerMm', label: 'Finest layer seen', measure: 'length', hint: 'finer reads grey' },
  { name: 'mostLayersSeen', label: 'Most layers seen', measure: 'count', hint: 'more reads grey' },
  { name: 'widestBandMm', label: 'Widest band on a bevel', measure: 'length' },
];

export const PACE: readonly Figure<Pace>[] = [
  { name: 'facePrepMin', label: 'Grind a joint face', measure: 'minutes' },
  { name: 'stackMin', label: 'Clamp and tack a stack', measure: 'minutes' },
  { name: 'sawMin', label: 'A saw cut', measure: 'minutes' },
  { name: 'coolMin', label: 'Cool to the saw', measure: 'minutes' },
  { name: 'drawPerHeat', label: 'A heat draws down', measure: 'share', hint: 'of the section' },
  { name: 'gasKgHour', label: 'Gas used', measure: 'massFlow' },
];
