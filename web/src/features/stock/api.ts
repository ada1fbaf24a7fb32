import { queryOptions } from '@tanstack/react-query';
import { change, get } from '../../lib/http';

export type PricePer = 'METRE' | 'KILOGRAM';

export interface StockBar {
  readonly steel: string;
  readonly widthMm: number;
  readonly thicknessMm: number;
  readonly lengthMm: number;
  readonly pieces: number;
  readonly price: number | null;
  readonly pricePer: PricePer | null;
  /** Work on each bar before it can be cut. */
  readonly prepMinutes: number | null;
  readonly source: string;
  readonly note: string;
}

export interface Shelved {
  readonly id: number;
  readonly version: number;
  readonly bar: StockBar;
}

export const stockQuery = queryOptions({
  queryKey: ['stock'],
  queryFn: () => get<Shelved[]>('/api/v1/stock'),
});

export const addBar = (bar: StockBar) => change<Shelved>('POST', '/api/v1/stock', bar);
export const changeBar = (id: number, version: number, bar: StockBar) =>
  change<Shelved>('PUT', `/api/v1/stock/${id}`, { version, bar });
export const setOnShelf = (id: number, onShelf: boolean) =>
  change('POST', `/api/v1/stock/${id}/${onShelf ? 'on-shelf' : 'off-shelf'}`);
