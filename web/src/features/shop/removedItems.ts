import * as texts from 'texts/shop/removedItems';
import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

export type PutAwayKind = 'BILLET' | 'BAR' | 'STEEL' | 'WELD' | 'ENTRY' | 'PHOTO';

/** One thing that is kept and no longer shown. */
export type RemovedItem = Schemas['RemovedItem'];

export const removedItemsQuery = queryOptions({
  queryKey: ['put-away'],
  queryFn: () => answered(api.GET('/api/v1/removed-items')),
});

/** Each kind comes back by its own way in. */
const WAY_BACK = {
  BILLET: '/api/v1/billets/{id}/restore',
  BAR: '/api/v1/stock/{id}/restore',
  STEEL: '/api/v1/steels/own/{id}/list',
  WELD: '/api/v1/welds/{id}/restore',
  ENTRY: '/api/v1/book/entries/{id}/restore',
} as const;

export const restore = ({ kind, id }: RemovedItem) =>
  answered<unknown>(
    kind === 'PHOTO'
      ? api.POST('/api/v1/photos/{id}/restore', { params: { path: { id } } })
      : api.POST(WAY_BACK[kind], { params: { path: { id: Number(id) } } }),
  );

export const KIND_NAME: Record<PutAwayKind, string> = {
  BILLET: texts.billet,
  BAR: texts.bars,
  STEEL: texts.steel,
  WELD: texts.weld,
  ENTRY: texts.entry,
  PHOTO: texts.photograph,
};

const ENTRY_NAME: Readonly<Record<string, string>> = {
  LOOKED: texts.anInspection,
  DECIDED: texts.aRepair,
  MEASURED: texts.measurements,
  TREATED: texts.aTreatment,
};

/** What it is called in the list. */
export const nameOf = ({ kind, what }: RemovedItem): string =>
  kind === 'ENTRY' || kind === 'PHOTO' ? (ENTRY_NAME[what] ?? what.toLowerCase()) : what;
