import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

export type PutAwayKind = 'BILLET' | 'BAR' | 'STEEL' | 'WELD' | 'ENTRY' | 'PHOTO';

/** One thing that is kept and no longer shown. */
export type PutAway = Schemas['RemovedItem'];

export const putAwayQuery = queryOptions({
  queryKey: ['put-away'],
  queryFn: () => answered(api.GET('/api/v1/put-away')),
});

/** Each kind comes back by its own way in. */
const WAY_BACK = {
  BILLET: '/api/v1/billets/{id}/on-rack',
  BAR: '/api/v1/stock/{id}/on-shelf',
  STEEL: '/api/v1/steels/own/{id}/list',
  WELD: '/api/v1/welds/{id}/unstrike',
  ENTRY: '/api/v1/book/entries/{id}/unstrike',
} as const;

export const restore = ({ kind, id }: PutAway) =>
  answered<unknown>(
    kind === 'PHOTO'
      ? api.POST('/api/v1/photos/{id}/unstrike', { params: { path: { id } } })
      : api.POST(WAY_BACK[kind], { params: { path: { id: Number(id) } } }),
  );

export const KIND_NAME: Record<PutAwayKind, string> = {
  BILLET: 'billet',
  BAR: 'bars',
  STEEL: 'steel',
  WELD: 'weld',
  ENTRY: 'entry',
  PHOTO: 'photograph',
};

const ENTRY_NAME: Readonly<Record<string, string>> = {
  LOOKED: 'an inspection',
  DECIDED: 'a repair',
  MEASURED: 'measurements',
  TREATED: 'a treatment',
};

/** What it is called in the list. */
export const nameOf = ({ kind, what }: PutAway): string =>
  kind === 'ENTRY' || kind === 'PHOTO' ? (ENTRY_NAME[what] ?? what.toLowerCase()) : what;
