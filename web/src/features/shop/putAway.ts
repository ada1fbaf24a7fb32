import { queryOptions } from '@tanstack/react-query';
import { change, get } from '../../lib/http';

export type PutAwayKind = 'BILLET' | 'BAR' | 'STEEL' | 'WELD' | 'ENTRY' | 'PHOTO';

/** One thing that is kept and no longer shown. */
export interface PutAway {
  readonly kind: PutAwayKind;
  readonly id: string;
  readonly what: string;
  readonly where: string;
  /** Width, thickness and length of a bar; empty for everything else. */
  readonly sizesMm: readonly number[];
  readonly at: string | null;
}

export const putAwayQuery = queryOptions({
  queryKey: ['put-away'],
  queryFn: () => get<readonly PutAway[]>('/api/v1/put-away'),
});

/** Each kind comes back by its own way in. */
const WAY_BACK: Record<PutAwayKind, (id: string) => string> = {
  BILLET: (id) => `/api/v1/billets/${id}/on-rack`,
  BAR: (id) => `/api/v1/stock/${id}/on-shelf`,
  STEEL: (id) => `/api/v1/steels/own/${id}/list`,
  WELD: (id) => `/api/v1/welds/${id}/unstrike`,
  ENTRY: (id) => `/api/v1/book/entries/${id}/unstrike`,
  PHOTO: (id) => `/api/v1/photos/${id}/unstrike`,
};

export const restore = ({ kind, id }: PutAway) => change('POST', WAY_BACK[kind](id));

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
  DECIDED: 'a decision',
  MEASURED: 'measurements',
  TREATED: 'work after the weld',
};

/** What it is called in the list. */
export const nameOf = ({ kind, what }: PutAway): string =>
  kind === 'ENTRY' || kind === 'PHOTO' ? (ENTRY_NAME[what] ?? what.toLowerCase()) : what;
