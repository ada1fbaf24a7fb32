import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

export type PricePer = 'METRE' | 'KILOGRAM';

export type StockBar = Schemas['StockBar'];

export type Shelved = Schemas['StockStoredStockBar'];

export const stockQuery = queryOptions({
  queryKey: ['stock'],
  queryFn: () => answered(api.GET('/api/v1/stock')),
});

export const addBar = (bar: StockBar) => answered(api.POST('/api/v1/stock', { body: bar }));
export const changeBar = (id: number, version: number, bar: StockBar) =>
  answered(api.PUT('/api/v1/stock/{id}', { params: { path: { id } }, body: { version, bar } }));
export const setOnShelf = (id: number, onShelf: boolean) =>
  answered(
    api.POST(onShelf ? '/api/v1/stock/{id}/restore' : '/api/v1/stock/{id}/archive', {
      params: { path: { id } },
    }),
  );
