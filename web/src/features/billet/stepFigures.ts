import * as texts from 'texts/billet/stepFigures';
import type { Measure } from '../../ui/MeasureField';
import type { Kind, Operation } from './plan';
import {
  JACKET_WORDS,
  METHOD_WORDS,
  PROFILE_WORDS,
  PROTECTION_NAMES,
  TACK_WORDS,
  TOOL_WORDS,
  TURN_WORDS,
} from './plan';

/** What can be set on each kind of step, in the order it is thought of. No React in here. */

export interface FigureOf {
  readonly name: string;
  readonly label: string;
  readonly measure: Measure;
}

export interface ChoiceOf {
  readonly name: string;
  readonly label: string;
  readonly options: Readonly<Record<string, string>>;
  /** Only asked where this holds. */
  readonly when?: (o: Operation) => boolean;
}

export interface YesNoOf {
  readonly name: string;
  readonly label: string;
  readonly yes: string;
  readonly no: string;
}

const heats: FigureOf = { name: 'heats', label: texts.heats, measure: 'count' };
const ground: FigureOf = { name: 'faceGrindMm', label: texts.jointFacesGround, measure: 'length' };
const kerf: FigureOf = { name: 'kerfMm', label: texts.kerf, measure: 'length' };

export const FIGURES: Record<Kind, readonly FigureOf[]> = {
  set: [
    { name: 'heats', label: texts.settingHeats, measure: 'count' },
    { name: 'temperatureC', label: texts.heat, measure: 'temperature' },
    { name: 'soakMin', label: texts.soakFromCold, measure: 'minutes' },
    { name: 'reduction', label: texts.reduction, measure: 'share' },
    { name: 'bites', label: texts.bites0AsNeeded, measure: 'count' },
  ],
  draw: [
    { name: 'widthMm', label: texts.toWidth, measure: 'length' },
    { name: 'heightMm', label: texts.toHeight, measure: 'length' },
    heats,
  ],
  trim: [
    { name: 'frontMm', label: texts.front, measure: 'length' },
    { name: 'backMm', label: texts.back, measure: 'length' },
    { name: 'sidesMm', label: texts.eachEdge, measure: 'length' },
  ],
  grind: [
    { name: 'bottomMm', label: texts.bottom, measure: 'length' },
    { name: 'topMm', label: texts.top, measure: 'length' },
  ],
  cut: [
    { name: 'pieces', label: texts.pieces, measure: 'count' },
    kerf,
    { name: 'eachMm', label: texts.each0Equal, measure: 'length' },
  ],
  aside: [
    { name: 'pieces', label: texts.bars, measure: 'count' },
    { name: 'lengthMm', label: texts.orThisLengthOfEach, measure: 'length' },
    kerf,
  ],
  scrap: [],
  watch: [],
  restack: [ground],
  fold: [
    { name: 'endLossMm', label: texts.lostAtEachBend, measure: 'length' },
    { name: 'folds', label: texts.folds, measure: 'count' },
  ],
  twist: [
    { name: 'turns', label: texts.turns, measure: 'number' },
    { name: 'sections', label: texts.sections, measure: 'count' },
    heats,
  ],
  resquare: [
    { name: 'angleDeg', label: texts.angle, measure: 'angle' },
    { name: 'sideMm', label: texts.newSide0Automatic, measure: 'length' },
    heats,
  ],
  upset: [
    { name: 'reduction', label: texts.reduction, measure: 'share' },
    { name: 'bowMm', label: texts.bow, measure: 'length' },
    heats,
  ],
  roll: [heats],
  fourway: [kerf],
  ladder: [
    { name: 'pitchMm', label: texts.pitch, measure: 'length' },
    { name: 'widthMm', label: texts.grooveWidth, measure: 'length' },
    { name: 'depthMm', label: texts.depth, measure: 'length' },
    { name: 'flattenToMm', label: texts.flattenTo0Flush, measure: 'length' },
    heats,
  ],
  dimples: [
    { name: 'pitchMm', label: texts.pitch, measure: 'length' },
    { name: 'diameterMm', label: texts.across, measure: 'length' },
    { name: 'depthMm', label: texts.depth, measure: 'length' },
    { name: 'flattenToMm', label: texts.flattenTo0Flush, measure: 'length' },
    heats,
  ],
  uneven: [
    { name: 'amplitudeMm', label: texts.displacement, measure: 'length' },
    { name: 'scaleMm', label: texts.wavelength, measure: 'length' },
    { name: 'seed', label: texts.surfaceNumber, measure: 'count' },
  ],
  sandwich: [ground],
  layup: [{ ...ground, label: texts.jointSidesGround }],
  blade: [
    { name: 'lengthMm', label: texts.length, measure: 'length' },
    { name: 'widthMm', label: texts.width, measure: 'length' },
    { name: 'spineMm', label: texts.spine, measure: 'length' },
    { name: 'edgeMm', label: texts.atTheEdge, measure: 'length' },
    { name: 'bevelMm', label: texts.bevelHeight, measure: 'length' },
    { name: 'taper', label: texts.taper, measure: 'share' },
    { name: 'tangMm', label: texts.tang, measure: 'length' },
  ],
};

const tool: ChoiceOf = { name: 'tool', label: texts.tool, options: TOOL_WORDS };

export const CHOICES: Partial<Record<Kind, readonly ChoiceOf[]>> = {
  set: [
    {
      name: 'method',
      label: texts.method,
      options: METHOD_WORDS,
      // An ordinary forge weld is not asked about; the finding on copper offers the others.
      when: (o) => o.kind === 'set' && o.method !== undefined && o.method !== 'FORGE',
    },
    { name: 'protection', label: texts.atmosphereProtection, options: PROTECTION_NAMES },
    {
      name: 'jacket',
      label: texts.closedBy,
      options: JACKET_WORDS,
      when: (o) => o.kind === 'set' && o.protection === 'SEALED',
    },
    { name: 'tack', label: texts.heldBy, options: TACK_WORDS },
    tool,
  ],
  draw: [tool],
  twist: [
    {
      name: 'hand',
      label: texts.hand,
      options: { RIGHT: texts.right, LEFT: texts.left, BOTH: texts.bothInTurn },
    },
  ],
  fourway: [{ name: 'turn', label: texts.tiles, options: TURN_WORDS }],
  blade: [
    {
      name: 'profile',
      label: texts.profile,
      options: PROFILE_WORDS,
    },
  ],
};

export const YES_NO: Partial<Record<Kind, readonly YesNoOf[]>> = {
  twist: [{ name: 'rounded', label: texts.beforeTwisting, yes: texts.forgedRound, no: texts.leftSquare }],
  roll: [{ name: 'square', label: texts.forged, yes: 'square', no: texts.leftRound }],
  ladder: [
    { name: 'pressed', label: texts.grooves, yes: texts.pressedIn, no: texts.groundIn },
    { name: 'bothFaces', label: texts.on, yes: texts.bothFaces, no: texts.oneFace },
  ],
  dimples: [{ name: 'bothFaces', label: texts.on, yes: texts.bothFaces, no: texts.oneFace }],
};
