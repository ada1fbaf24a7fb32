import type { Schemas } from '../../lib/api';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { answered, api, asItIs } from '../../lib/http';

export type Basis = 'MEASURED' | 'STANDARD' | 'COMPUTED' | 'TYPICAL';
export type Confidence = 'HIGH' | 'MEDIUM' | 'LOW';

/** A value that says how far it can be trusted. */
export type Figure = Schemas['SteelFigure'];

/** Mass %. */
export type Composition = Schemas['SteelComposition'];

export type Heats = Schemas['SteelWeldWindow'];

export type Steel = Schemas['SteelView'];

export type Origin = 'COMPOSITION' | 'CERTIFICATE' | 'RECLAIMED';
export type TestKind = 'SPARK' | 'HARDEN_AND_BREAK' | 'FILE' | 'ETCH';

export type StockTest = Schemas['SteelStockTest'];

/** What the shop knows of a steel of its own. */
export type OwnSteel = Schemas['SteelOwnSteel'];

/** A place of a table that is wrong. */
export interface Fault {
  readonly line: number;
  readonly column: string;
  readonly reason: string;
}

export const steelsQuery = queryOptions({
  queryKey: ['steels'],
  queryFn: () => answered(api.GET('/api/v1/steels')),
  staleTime: Infinity,
});

export const addSteel = (own: OwnSteel) => answered(api.POST('/api/v1/steels/own', { body: own }));
export const previewSteel = (own: OwnSteel) =>
  answered(api.POST('/api/v1/steels/own/preview', { body: own }));
export const getOwn = (id: number) =>
  answered(api.GET('/api/v1/steels/own/{id}', { params: { path: { id } } }));
export const changeSteel = (id: number, version: number, steel: OwnSteel) =>
  answered(api.PUT('/api/v1/steels/own/{id}', { params: { path: { id } }, body: { version, steel } }));
export const setListed = (id: number, listed: boolean) =>
  answered(
    api.POST(listed ? '/api/v1/steels/own/{id}/list' : '/api/v1/steels/own/{id}/unlist', {
      params: { path: { id } },
    }),
  );
export const takeTable = (csv: string) =>
  answered(api.POST('/api/v1/steels/own.csv', { body: csv, ...asItIs('text/csv') }));

const MIDDLE_TONE = 0.5;

/** The etch tone of a steel by its short name; a middle grey while the steels are still loading. */
export function useTones(): (steel: string) => number {
  const steels = useQuery(steelsQuery).data;
  return (id) => steels?.find((s) => s.id === id)?.etchTone.value ?? MIDDLE_TONE;
}
