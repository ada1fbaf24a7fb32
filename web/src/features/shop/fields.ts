import * as texts from 'texts/shop/fields';
import type { Measure } from '../../ui/MeasureField';
import { JACKET_WORDS, PROTECTION_NAMES, TACK_WORDS, TOOL_WORDS } from '../billet/planWords';
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
  { name: 'widthMm', label: texts.chamberWidth, measure: 'length' },
  { name: 'heightMm', label: texts.chamberHeight, measure: 'length' },
  { name: 'lengthMm', label: texts.chamberLength, measure: 'length' },
  { name: 'doorWidthMm', label: texts.doorWidth, measure: 'length' },
  { name: 'doorHeightMm', label: texts.doorHeight, measure: 'length' },
  { name: 'burners', label: texts.burners, measure: 'count' },
  { name: 'ratedLitres', label: texts.burnersRatedFor, measure: 'volume' },
  { name: 'powerKw', label: texts.heatIntoTheSteel, measure: 'power' },
  { name: 'highestC', label: texts.highestHeat, measure: 'temperature' },
];

export const FORGE_PICKS: readonly Pick<Forge>[] = [
  {
    name: 'lining',
    label: texts.lining,
    options: {
      FIBRE: texts.fiberFiberFloor,
      FIBRE_HARD_FLOOR: texts.fiberHardFloor,
      HARD: texts.castableOrBrick,
    },
  },
  {
    name: 'airControl',
    label: texts.canRunAReducingFlame,
    options: { yes: texts.yesText, no: texts.noText },
  },
  { name: 'openEnds', label: texts.openAtBothEnds, options: { yes: texts.yesText, no: texts.noText } },
];

export const PRESS: readonly Figure<Press>[] = [
  { name: 'boreMm', label: texts.bore, measure: 'length' },
  { name: 'gaugeLimitMpa', label: texts.gaugeLimit, measure: 'pressure' },
  { name: 'ratedForceKn', label: texts.orRatedForce, measure: 'force' },
  { name: 'openingMm', label: texts.opening, measure: 'length' },
  { name: 'diesMm', label: texts.heightOfBothDies, measure: 'length' },
  { name: 'dieLengthMm', label: texts.flatDieLength, measure: 'length' },
  { name: 'roundDieMm', label: texts.roundDieContact, measure: 'length' },
  { name: 'speedMmS', label: texts.ramSpeed, measure: 'speed' },
];

export const MILL: readonly Figure<Mill>[] = [
  { name: 'rollMm', label: texts.rollDiameter, measure: 'length' },
  { name: 'openingMm', label: texts.widestGap, measure: 'length' },
];

export const PRACTICE: readonly Figure<ShopDefaults>[] = [
  { name: 'weldTemperatureC', label: texts.weldingHeat, measure: 'temperature' },
  { name: 'soakMin', label: texts.soakFromCold, measure: 'minutes' },
  { name: 'settingHeats', label: texts.settingHeats, measure: 'count' },
  { name: 'setReduction', label: texts.reduction, measure: 'share' },
  { name: 'drawTemperatureC', label: texts.drawingHeat, measure: 'temperature' },
  { name: 'drawHeatMin', label: texts.timeOfADrawingHeat, measure: 'minutes' },
  { name: 'kerfMm', label: texts.sawKerf, measure: 'length' },
  { name: 'endTrimMm', label: texts.trimmedOffEachEnd, measure: 'length' },
  { name: 'faceGrindMm', label: texts.groundOffAJointFace, measure: 'length' },
  { name: 'finishGrindMm', label: texts.grindingAllowancePerFace, measure: 'length' },
  {
    name: 'scaleFactor',
    label: texts.scaleFactor,
    measure: 'number',
    hint: texts.n1UntilMeasured,
  },
  { name: 'jacketMm', label: texts.steelLostWithAJacket, measure: 'length' },
];

export const SHOP_DEFAULT_PICKS: readonly Pick<ShopDefaults>[] = [
  { name: 'protection', label: texts.atmosphereProtection, options: PROTECTION_NAMES },
  {
    name: 'atmosphere',
    label: texts.flame,
    options: { RICH: texts.reducingRich, NEUTRAL: texts.neutral, OXIDISING: texts.oxidizing },
  },
  { name: 'setTool', label: texts.toolForSettingWelds, options: TOOL_WORDS },
  { name: 'drawTool', label: texts.toolForDrawingOut, options: TOOL_WORDS },
  { name: 'tack', label: texts.dryStackHeldBy, options: TACK_WORDS },
  { name: 'jacket', label: texts.sealedStackClosedBy, options: JACKET_WORDS },
  {
    name: 'faces',
    label: texts.facesOfNewPieces,
    options: { GROUND: texts.groundBright, CLEAN_SCALE: texts.cleanMillScaleLeftOn, AS_FOUND: texts.asFound },
  },
  {
    name: 'degreases',
    label: texts.degreasedAndStackedTheSameDay,
    options: { yes: texts.yesText, no: texts.noText },
  },
];

export const LIMITS: readonly Figure<Limits>[] = [
  { name: 'shortestPieceMm', label: texts.shortestPiece, measure: 'length', hint: texts.toHoldClampAndTack },
  { name: 'heaviestKg', label: texts.weightInHand, measure: 'mass' },
  {
    name: 'tallestStackMm',
    label: texts.tallestStack,
    measure: 'length',
    hint: texts.tallerStacksLeanAndHeatUnevenly,
  },
  { name: 'longestBarMm', label: texts.longestBar, measure: 'length', hint: texts.hasToTurnInTheShop },
  {
    name: 'outerPieceMm',
    label: texts.thinnestOuterPiece,
    measure: 'length',
    hint: texts.thinnerPiecesBowAway,
  },
  {
    name: 'longStackMm',
    label: texts.longStack,
    measure: 'length',
    hint: texts.longerThinPiecesNeedASide,
  },
  {
    name: 'sizesDifferMm',
    label: texts.piecesMayDifferBy,
    measure: 'length',
    hint: texts.moreLeavesColdShuts,
  },
  {
    name: 'heightsDifferMm',
    label: texts.partsMayDifferBy,
    measure: 'length',
    hint: texts.moreJointsStayOpen,
  },
  { name: 'nothingBondsBelowC', label: texts.nothingBondsBelow, measure: 'temperature' },
  {
    name: 'overheatedAboveC',
    label: texts.overheatedAbove,
    measure: 'temperature',
    hint: texts.grainGrowthCarbonLoss,
  },
  {
    name: 'firstSetReduction',
    label: texts.firstSqueezeLimit,
    measure: 'share',
    hint: texts.moreSplitsTheSides,
  },
  { name: 'grooveDepth', label: texts.deepestGroove, measure: 'share', hint: texts.ofTheThickness },
  {
    name: 'twistShear',
    label: texts.surfaceShearOfATwist,
    measure: 'number',
    hint: texts.upTo3WithSteadyHands,
  },
  { name: 'smallestSquareMm', label: texts.smallestSquare, measure: 'length', hint: texts.toReSquareOrTile },
  { name: 'finestLayerMm', label: texts.finestLayerSeen, measure: 'length', hint: texts.finerLooksGray },
  { name: 'mostLayersSeen', label: texts.mostLayersSeen, measure: 'count', hint: texts.moreLooksGray },
  { name: 'widestBandMm', label: texts.widestBandOnABevel, measure: 'length' },
];

export const TASK_TIMES: readonly Figure<TaskTimes>[] = [
  { name: 'facePrepMin', label: texts.grindAJointFace, measure: 'minutes' },
  { name: 'stackMin', label: texts.clampAndTackAStack, measure: 'minutes' },
  { name: 'sawMin', label: texts.sawCut, measure: 'minutes' },
  { name: 'coolMin', label: texts.coolToTheSaw, measure: 'minutes' },
  { name: 'drawPerHeat', label: texts.reductionPerDrawingHeat, measure: 'share', hint: texts.ofTheSection },
  { name: 'gasKgHour', label: texts.gasUsed, measure: 'massFlow' },
];
