import { queryOptions, useQuery } from '@tanstack/react-query';
import { change, get, sendText } from '../../lib/http';

export type Basis = 'MEASURED' | 'STANDARD' | 'COMPUTED' | 'TYPICAL';
export type Confidence = 'HIGH' | 'MEDIUM' | 'LOW';

/** A value that says how far it can be trusted. */
export interface Figure {
  readonly value: number;
  readonly plusMinus: number;
  readonly basis: Basis;
  readonly source: string;
}

/** Mass %. */
export interface Composition {
  readonly carbonMin: number;
  readonly carbon: number;
  readonly carbonMax: number;
  readonly manganese: number;
  readonly silicon: number;
  readonly nickel: number;
  readonly chromium: number;
  readonly molybdenum: number;
  readonly vanadium: number;
  readonly tungsten: number;
  readonly copper: number;
  readonly phosphorus: number;
}

export interface Heats {
  readonly fromC: number;
  readonly toC: number;
}

export interface Steel {
  readonly id: string;
  readonly ownId: number | null;
  readonly name: string;
  readonly designations: string;
  readonly family: string;
  readonly composition: Composition;
  readonly solidus: Figure;
  readonly liquidus: Figure | null;
  readonly weldWindow: Heats | null;
  readonly hardening:
    | (Heats & {
        readonly quench: string;
        readonly bladeQuench: string;
        readonly shallow: boolean;
        readonly ms: Figure;
        readonly asQuenched: Figure;
        /** HRC by °C. */
        readonly temper: Readonly<Record<string, number>>;
      })
    | null;
  readonly ac1: Figure | null;
  readonly density: Figure;
  readonly expansionTo100: Figure;
  readonly expansionTo1000: Figure;
  /** 0 black to 1 silver. */
  readonly etchTone: Figure;
  readonly etchNote: string;
  readonly weldability: number;
  readonly weldNote: string;
  readonly neverWeld: boolean;
  readonly confidence: Confidence;
}

export type Origin = 'COMPOSITION' | 'CERTIFICATE' | 'RECLAIMED';
export type TestKind = 'SPARK' | 'HARDEN_AND_BREAK' | 'FILE' | 'ETCH';

export interface StockTest {
  readonly kind: TestKind;
  readonly seen: string;
  readonly value: number | null;
}

/** What the shop knows of a steel of its own. */
export interface OwnSteel {
  readonly id: string;
  readonly name: string;
  readonly origin: Origin;
  readonly like: string | null;
  readonly composition: Composition;
  readonly tests: readonly StockTest[];
  readonly given: {
    readonly solidusC: number | null;
    readonly weldFromC: number | null;
    readonly weldToC: number | null;
    readonly hardenFromC: number | null;
    readonly hardenToC: number | null;
    readonly quench: string | null;
    readonly etchTone: number | null;
  };
}

/** A place of a table that is wrong. */
export interface Fault {
  readonly line: number;
  readonly column: string;
  readonly reason: string;
}

export const steelsQuery = queryOptions({
  queryKey: ['steels'],
  queryFn: () => get<Steel[]>('/api/v1/steels'),
  staleTime: Infinity,
});

export const addSteel = (own: OwnSteel) => change<Steel>('POST', '/api/v1/steels/own', own);
export const previewSteel = (own: OwnSteel) => change<Steel>('POST', '/api/v1/steels/own/preview', own);
export const getOwn = (id: number) => get<{ version: number; known: OwnSteel }>(`/api/v1/steels/own/${id}`);
export const changeSteel = (id: number, version: number, steel: OwnSteel) =>
  change<Steel>('PUT', `/api/v1/steels/own/${id}`, { version, steel });
export const setListed = (id: number, listed: boolean) =>
  change('POST', `/api/v1/steels/own/${id}/${listed ? 'list' : 'unlist'}`);
export const takeTable = (csv: string) =>
  sendText<{ steels: number }>('/api/v1/steels/own.csv', 'text/csv', csv);

const MIDDLE_TONE = 0.5;

/** The etch tone of a steel by its short name; a middle grey while the steels are still loading. */
export function useTones(): (steel: string) => number {
  const steels = useQuery(steelsQuery).data;
  return (id) => steels?.find((s) => s.id === id)?.etchTone.value ?? MIDDLE_TONE;
}
