import * as texts from 'texts/first/usualSteels';
import type { Steel } from '../steel/api';
import type { StockBar } from '../stock/api';

/** A steel of the list, and the bars of it there are. */
export interface ShelfRow {
  readonly steel: string;
  readonly about: string;
  readonly ticked: boolean;
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly pieces: number;
}

/** What pattern welders stack most, the usual pair first. */
const USUAL: readonly (readonly [steel: string, about: string])[] = [
  ['1084', texts.darkSimpleToHarden],
  ['15N20', texts.brightWithNickel],
  ['1075', texts.darkALittleLessCarbon],
  ['1095', texts.darkForEdges],
  ['80CrV2', texts.darkTough],
  ['5160', texts.springSteel],
  ['O2', texts.darkHardensDeep],
  ['1018', texts.mildSteel],
];

/** 1/8 in for dark steels, 1/16 in for the bright one, in bars of 1 1/2 × 36 in. */
const DARK_MM = 3.175;
const BRIGHT_MM = 1.5875;

/** The list, of the steels this shop knows. */
export const usualSteels = (known: readonly Steel[]): readonly ShelfRow[] =>
  USUAL.filter(([id]) => known.some((s) => s.id === id)).map(([steel, about]) => ({
    steel,
    about,
    ticked: false,
    thicknessMm: steel === '15N20' ? BRIGHT_MM : DARK_MM,
    widthMm: 38.1,
    lengthMm: 914.4,
    pieces: 4,
  }));

/** A row as the shelf has it. */
export const barOf = ({ steel, thicknessMm, widthMm, lengthMm, pieces }: ShelfRow): StockBar => ({
  steel,
  widthMm,
  thicknessMm,
  lengthMm,
  pieces,
  price: null,
  pricePer: null,
  prepMinutes: null,
  source: '',
  note: '',
});
