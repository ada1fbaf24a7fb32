import { queryOptions, useQuery } from '@tanstack/react-query';
import { get } from '../../lib/http';

export interface Steel {
  readonly id: string;
  readonly name: string;
  readonly family: string;
  readonly carbonPercent: number;
  readonly densityKgM3: number;
  /** 0 black to 1 silver. */
  readonly etchTone: number;
  readonly solidusC: number;
  readonly weldWindow: { readonly fromC: number; readonly toC: number } | null;
  readonly confidence: 'HIGH' | 'MEDIUM' | 'LOW';
}

export const steelsQuery = queryOptions({
  queryKey: ['steels'],
  queryFn: () => get<Steel[]>('/api/steels'),
  staleTime: Infinity,
});

const MIDDLE_TONE = 0.5;

/** The etch tone of a steel by its short name; a middle grey while the steels are still loading. */
export function useTones(): (steel: string) => number {
  const steels = useQuery(steelsQuery).data;
  return (id) => steels?.find((s) => s.id === id)?.etchTone ?? MIDDLE_TONE;
}
