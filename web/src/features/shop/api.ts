import { queryOptions } from '@tanstack/react-query';
import { change, get } from '../../lib/http';
import type { Jacket, OxygenSchool, Tack, Tool } from '../billet/plan';

/** The smith's shop as the core knows it; see the core's package shop. */
export interface Shop {
  readonly forge: Forge;
  readonly press: Press | null;
  readonly hammer: Hammer | null;
  readonly mill: Mill | null;
  readonly practice: Practice;
  readonly limits: Limits;
  readonly pace: Pace;
  readonly hourPrice: number;
}

export interface Forge {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lengthMm: number;
  readonly doorWidthMm: number;
  readonly doorHeightMm: number;
  readonly openEnds: boolean;
  readonly burners: number;
  readonly ratedLitres: number;
  readonly powerKw: number;
  readonly airControl: boolean;
  readonly lining: 'FIBRE' | 'FIBRE_HARD_FLOOR' | 'HARD';
  readonly gaugeOffsetC: number | null;
  readonly highestC: number;
}

export interface Press {
  readonly boreMm: number;
  readonly gaugeLimitMpa: number;
  readonly ratedForceKn: number;
  readonly openingMm: number;
  readonly diesMm: number;
  readonly dieLengthMm: number;
  readonly roundDieMm: number;
  readonly speedMmS: number;
}

export interface Hammer {
  readonly name: string;
  readonly highestMm: number;
}

export interface Mill {
  readonly rollMm: number;
  readonly openingMm: number;
}

export interface Practice {
  readonly atmosphere: 'OXIDISING' | 'NEUTRAL' | 'RICH';
  readonly school: OxygenSchool;
  readonly settingHeats: number;
  readonly setReduction: number;
  readonly weldTemperatureC: number;
  readonly soakMin: number;
  readonly tack: Tack;
  readonly jacket: Jacket;
  readonly setTool: Tool;
  readonly drawTemperatureC: number;
  readonly drawHeatMin: number;
  readonly drawTool: Tool;
  readonly kerfMm: number;
  readonly endTrimMm: number;
  readonly faceGrindMm: number;
  readonly jacketMm: number;
  readonly finishGrindMm: number;
  readonly scaleFactor: number;
  readonly faces: 'GROUND' | 'CLEAN_SCALE' | 'AS_FOUND';
  readonly degreases: boolean;
}

export interface Limits {
  readonly shortestPieceMm: number;
  readonly heaviestKg: number;
  readonly tallestStackMm: number;
  readonly longestBarMm: number;
  readonly outerPieceMm: number;
  readonly longStackMm: number;
  readonly sizesDifferMm: number;
  readonly heightsDifferMm: number;
  readonly nothingBondsBelowC: number;
  readonly overheatedAboveC: number;
  readonly meltMarginC: number;
  readonly firstSetReduction: number;
  readonly grooveDepth: number;
  readonly twistShear: number;
  readonly smallestSquareMm: number;
  readonly finestLayerMm: number;
  readonly widestBandMm: number;
  readonly mostLayersSeen: number;
}

/** How long the work takes, and what it burns. */
export interface Pace {
  readonly facePrepMin: number;
  readonly stackMin: number;
  readonly sawMin: number;
  readonly coolMin: number;
  readonly drawPerHeat: number;
  readonly gasKgHour: number;
}

export interface Kept {
  readonly shop: Shop;
  readonly version: number;
  /** What the press gives. */
  readonly forceKn: number | null;
}

export const shopQuery = queryOptions({ queryKey: ['shop'], queryFn: () => get<Kept>('/api/v1/shop') });

export const outfitsQuery = queryOptions({
  queryKey: ['outfits'],
  queryFn: () => get<{ id: string; name: string; shop: Shop }[]>('/api/v1/shop/outfits'),
  staleTime: Infinity,
});

export const changeShop = (version: number, shop: Shop) =>
  change<Kept>('PUT', '/api/v1/shop', { version, shop });
