import type { Measure } from '../../ui/MeasureField';
import { JACKET_WORDS, PROTECTION_NAMES, TACK_WORDS, TOOL_WORDS } from '../billet/plan';
import type { Forge, Limits, Mill, TaskTimes, ShopDefaults, Press } from './api';

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
  /** Values reported as text; yes and no for what is either. */
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
      FIBRE: 'fiber, fiber floor',
      FIBRE_HARD_FLOOR: 'fiber, hard floor',
      HARD: 'castable or brick',
    },
  },
  { name: 'airControl', label: 'Can run a reducing flame', options: { yes: 'yes', no: 'no' } },
  { name: 'openEnds', label: 'Open at both ends', options: { yes: 'yes', no: 'no' } },
];

export const PRESS: readonly Figure<Press>[] = [
  { name: 'boreMm', label: 'Bore', measure: 'length' },
  { name: 'gaugeLimitMpa', label: 'Gauge limit', measure: 'pressure' },
  { name: 'ratedForceKn', label: 'or rated force', measure: 'force' },
  { name: 'openingMm', label: 'Opening', measure: 'length' },
  { name: 'diesMm', label: 'Height of both dies', measure: 'length' },
  { name: 'dieLengthMm', label: 'Flat die length', measure: 'length' },
  { name: 'roundDieMm', label: 'Round die contact', measure: 'length' },
  { name: 'speedMmS', label: 'Ram speed', measure: 'speed' },
];

export const MILL: readonly Figure<Mill>[] = [
  { name: 'rollMm', label: 'Roll diameter', measure: 'length' },
  { name: 'openingMm', label: 'Widest gap', measure: 'length' },
];

export const PRACTICE: readonly Figure<ShopDefaults>[] = [
  { name: 'weldTemperatureC', label: 'Welding heat', measure: 'temperature' },
  { name: 'soakMin', label: 'Soak, from cold', measure: 'minutes' },
  { name: 'settingHeats', label: 'Setting heats', measure: 'count' },
  { name: 'setReduction', label: 'Reduction', measure: 'share' },
  { name: 'drawTemperatureC', label: 'Drawing heat', measure: 'temperature' },
  { name: 'drawHeatMin', label: 'Time of a drawing heat', measure: 'minutes' },
  { name: 'kerfMm', label: 'Saw kerf', measure: 'length' },
  { name: 'endTrimMm', label: 'Trimmed off each end', measure: 'length' },
  { name: 'faceGrindMm', label: 'Ground off a joint face', measure: 'length' },
  { name: 'finishGrindMm', label: 'Grinding allowance per face', measure: 'length' },
  {
    name: 'scaleFactor',
    label: 'Scale factor',
    measure: 'number',
    hint: '1 until measured',
  },
  { name: 'jacketMm', label: 'Steel lost with a jacket', measure: 'length' },
];

export const SHOP_DEFAULT_PICKS: readonly Pick<ShopDefaults>[] = [
  { name: 'protection', label: 'Atmosphere protection', options: PROTECTION_NAMES },
  {
    name: 'atmosphere',
    label: 'Flame',
    options: { RICH: 'reducing (rich)', NEUTRAL: 'neutral', OXIDISING: 'oxidizing' },
  },
  { name: 'setTool', label: 'Tool for setting welds', options: TOOL_WORDS },
  { name: 'drawTool', label: 'Tool for drawing out', options: TOOL_WORDS },
  { name: 'tack', label: 'Dry stack held by', options: TACK_WORDS },
  { name: 'jacket', label: 'Sealed stack closed by', options: JACKET_WORDS },
  {
    name: 'faces',
    label: 'Faces of new pieces',
    options: { GROUND: 'ground bright', CLEAN_SCALE: 'clean mill scale left on', AS_FOUND: 'as found' },
  },
  { name: 'degreases', label: 'Degreased and stacked the same day', options: { yes: 'yes', no: 'no' } },
];

export const LIMITS: readonly Figure<Limits>[] = [
  { name: 'shortestPieceMm', label: 'Shortest piece', measure: 'length', hint: 'to hold, clamp and tack' },
  { name: 'heaviestKg', label: 'Weight in hand', measure: 'mass' },
  {
    name: 'tallestStackMm',
    label: 'Tallest stack',
    measure: 'length',
    hint: 'taller stacks lean and heat unevenly',
  },
  { name: 'longestBarMm', label: 'Longest bar', measure: 'length', hint: 'has to turn in the shop' },
  { name: 'outerPieceMm', label: 'Thinnest outer piece', measure: 'length', hint: 'thinner pieces bow away' },
  {
    name: 'longStackMm',
    label: 'Long stack',
    measure: 'length',
    hint: 'longer: thin pieces need a side bead',
  },
  { name: 'sizesDifferMm', label: 'Pieces may differ by', measure: 'length', hint: 'more leaves cold shuts' },
  {
    name: 'heightsDifferMm',
    label: 'Parts may differ by',
    measure: 'length',
    hint: 'more: joints stay open',
  },
  { name: 'nothingBondsBelowC', label: 'Nothing bonds below', measure: 'temperature' },
  {
    name: 'overheatedAboveC',
    label: 'Overheated above',
    measure: 'temperature',
    hint: 'grain growth, carbon loss',
  },
  {
    name: 'firstSetReduction',
    label: 'First squeeze limit',
    measure: 'share',
    hint: 'more splits the sides',
  },
  { name: 'grooveDepth', label: 'Deepest groove', measure: 'share', hint: 'of the thickness' },
  {
    name: 'twistShear',
    label: 'Surface shear of a twist',
    measure: 'number',
    hint: 'up to 3 with steady hands',
  },
  { name: 'smallestSquareMm', label: 'Smallest square', measure: 'length', hint: 'to re-square or tile' },
  { name: 'finestLayerMm', label: 'Finest layer seen', measure: 'length', hint: 'finer looks gray' },
  { name: 'mostLayersSeen', label: 'Most layers seen', measure: 'count', hint: 'more looks gray' },
  { name: 'widestBandMm', label: 'Widest band on a bevel', measure: 'length' },
];

export const TASK_TIMES: readonly Figure<TaskTimes>[] = [
  { name: 'facePrepMin', label: 'Grind a joint face', measure: 'minutes' },
  { name: 'stackMin', label: 'Clamp and tack a stack', measure: 'minutes' },
  { name: 'sawMin', label: 'Saw cut', measure: 'minutes' },
  { name: 'coolMin', label: 'Cool to the saw', measure: 'minutes' },
  { name: 'drawPerHeat', label: 'Reduction per drawing heat', measure: 'share', hint: 'of the section' },
  { name: 'gasKgHour', label: 'Gas used', measure: 'massFlow' },
];
