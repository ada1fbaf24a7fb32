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

const heats: FigureOf = { name: 'heats', label: 'Heats', measure: 'count' };
const ground: FigureOf = { name: 'faceGrindMm', label: 'Joint faces ground', measure: 'length' };
const kerf: FigureOf = { name: 'kerfMm', label: 'Kerf', measure: 'length' };

export const FIGURES: Record<Kind, readonly FigureOf[]> = {
  set: [
    { name: 'heats', label: 'Setting heats', measure: 'count' },
    { name: 'temperatureC', label: 'Heat', measure: 'temperature' },
    { name: 'soakMin', label: 'Soak, from cold', measure: 'minutes' },
    { name: 'reduction', label: 'Reduction', measure: 'share' },
    { name: 'bites', label: 'Bites (0 = as needed)', measure: 'count' },
  ],
  draw: [
    { name: 'widthMm', label: 'To width', measure: 'length' },
    { name: 'heightMm', label: 'To height', measure: 'length' },
    heats,
  ],
  trim: [
    { name: 'frontMm', label: 'Front', measure: 'length' },
    { name: 'backMm', label: 'Back', measure: 'length' },
    { name: 'sidesMm', label: 'Each edge', measure: 'length' },
  ],
  grind: [
    { name: 'bottomMm', label: 'Bottom', measure: 'length' },
    { name: 'topMm', label: 'Top', measure: 'length' },
  ],
  cut: [
    { name: 'pieces', label: 'Pieces', measure: 'count' },
    kerf,
    { name: 'eachMm', label: 'Each (0 = equal)', measure: 'length' },
  ],
  aside: [
    { name: 'pieces', label: 'Bars', measure: 'count' },
    { name: 'lengthMm', label: 'or this length of each', measure: 'length' },
    kerf,
  ],
  scrap: [],
  watch: [],
  restack: [ground],
  fold: [
    { name: 'endLossMm', label: 'Lost at each bend', measure: 'length' },
    { name: 'folds', label: 'Folds', measure: 'count' },
  ],
  twist: [
    { name: 'turns', label: 'Turns', measure: 'number' },
    { name: 'sections', label: 'Sections', measure: 'count' },
    heats,
  ],
  resquare: [
    { name: 'angleDeg', label: 'Angle', measure: 'angle' },
    { name: 'sideMm', label: 'New side (0 = automatic)', measure: 'length' },
    heats,
  ],
  upset: [
    { name: 'reduction', label: 'Reduction', measure: 'share' },
    { name: 'bowMm', label: 'Bow', measure: 'length' },
    heats,
  ],
  roll: [heats],
  fourway: [kerf],
  ladder: [
    { name: 'pitchMm', label: 'Pitch', measure: 'length' },
    { name: 'widthMm', label: 'Groove width', measure: 'length' },
    { name: 'depthMm', label: 'Depth', measure: 'length' },
    { name: 'flattenToMm', label: 'Flatten to (0 = flush)', measure: 'length' },
    heats,
  ],
  dimples: [
    { name: 'pitchMm', label: 'Pitch', measure: 'length' },
    { name: 'diameterMm', label: 'Across', measure: 'length' },
    { name: 'depthMm', label: 'Depth', measure: 'length' },
    { name: 'flattenToMm', label: 'Flatten to (0 = flush)', measure: 'length' },
    heats,
  ],
  uneven: [
    { name: 'amplitudeMm', label: 'Displacement', measure: 'length' },
    { name: 'scaleMm', label: 'Wavelength', measure: 'length' },
    { name: 'seed', label: 'Surface number', measure: 'count' },
  ],
  sandwich: [ground],
  layup: [{ ...ground, label: 'Joint sides ground' }],
  blade: [
    { name: 'lengthMm', label: 'Length', measure: 'length' },
    { name: 'widthMm', label: 'Width', measure: 'length' },
    { name: 'spineMm', label: 'Spine', measure: 'length' },
    { name: 'edgeMm', label: 'At the edge', measure: 'length' },
    { name: 'bevelMm', label: 'Bevel height', measure: 'length' },
    { name: 'taper', label: 'Taper', measure: 'share' },
    { name: 'tangMm', label: 'Tang', measure: 'length' },
  ],
};

const tool: ChoiceOf = { name: 'tool', label: 'Tool', options: TOOL_WORDS };

export const CHOICES: Partial<Record<Kind, readonly ChoiceOf[]>> = {
  set: [
    {
      name: 'method',
      label: 'Method',
      options: METHOD_WORDS,
      // An ordinary forge weld is not asked about; the finding on copper offers the others.
      when: (o) => o.kind === 'set' && o.method !== undefined && o.method !== 'FORGE',
    },
    { name: 'protection', label: 'Atmosphere protection', options: PROTECTION_NAMES },
    {
      name: 'jacket',
      label: 'Closed by',
      options: JACKET_WORDS,
      when: (o) => o.kind === 'set' && o.protection === 'SEALED',
    },
    { name: 'tack', label: 'Held by', options: TACK_WORDS },
    tool,
  ],
  draw: [tool],
  twist: [{ name: 'hand', label: 'Hand', options: { RIGHT: 'right', LEFT: 'left', BOTH: 'both in turn' } }],
  fourway: [{ name: 'turn', label: 'Tiles', options: TURN_WORDS }],
  blade: [
    {
      name: 'profile',
      label: 'Profile',
      options: PROFILE_WORDS,
    },
  ],
};

export const YES_NO: Partial<Record<Kind, readonly YesNoOf[]>> = {
  twist: [{ name: 'rounded', label: 'Before twisting', yes: 'forged round', no: 'left square' }],
  roll: [{ name: 'square', label: 'Forged', yes: 'square', no: 'left round' }],
  ladder: [
    { name: 'pressed', label: 'Grooves', yes: 'pressed in', no: 'ground in' },
    { name: 'bothFaces', label: 'On', yes: 'both faces', no: 'one face' },
  ],
  dimples: [{ name: 'bothFaces', label: 'On', yes: 'both faces', no: 'one face' }],
};
