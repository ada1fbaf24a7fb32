import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';

/** The record of another shop. */
export type OtherShop = Schemas['EvidenceOtherShopsOtherShopView'];

/** What would leave this shop. */
export type OwnRecord = Schemas['EvidenceOtherShopsOwnRecordView'];

/** A usual weld without a record and with it. */
export type Effect = Schemas['EvidenceOtherShopsEffectView'];

export const otherShopsQuery = queryOptions({
  queryKey: ['book', 'other-shops'],
  queryFn: () => answered(api.GET('/api/v1/evidence/other-shops')),
});

export const ownRecordQuery = queryOptions({
  queryKey: ['book', 'own-record'],
  queryFn: () => answered(api.GET('/api/v1/evidence/own-record')),
  staleTime: 0,
});

export const effectQuery = (id: number, used: readonly number[]) =>
  queryOptions({
    queryKey: ['book', 'other-shops', id, 'effect', used],
    queryFn: () =>
      answered(api.GET('/api/v1/evidence/other-shops/{id}/effect', { params: { path: { id } } })),
  });

/** The file is sent as it is, so that its faults are found where they are in it. */
export const addShop = (name: string, file: string) =>
  answered(
    api.POST('/api/v1/evidence/other-shops', {
      params: { query: { name } },
      body: file as unknown as Record<string, never>,
      bodySerializer: () => file,
    }),
  );

export const act = (id: number, what: 'use' | 'undo-use' | 'delete' | 'restore') =>
  answered(api.POST(`/api/v1/evidence/other-shops/{id}/${what}`, { params: { path: { id } } }));
