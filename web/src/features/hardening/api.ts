import { queryOptions } from '@tanstack/react-query';
import { get } from '../../lib/http';

export interface HardeningPlan {
  readonly thickMm: number;
  readonly steels: readonly {
    readonly steel: string;
    readonly share: number;
    readonly fromC: number;
    readonly toC: number;
    readonly quench: string;
    readonly asQuenchedHrc: number;
  }[];
  readonly soft: readonly string[];
  readonly normalizingC: readonly number[];
  readonly fromC: number;
  readonly toC: number;
  readonly hardenC: number;
  readonly compromise: readonly string[];
  readonly quench: string | null;
  readonly tempers: readonly {
    readonly celsius: number;
    readonly hrcBySteel: Readonly<Record<string, number>>;
    readonly layersHrc: number | null;
  }[];
  readonly etch: readonly string[];
  readonly cautions: readonly string[];
}

export const hardeningQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['billet', billetId, 'hardening'],
    queryFn: () => get<HardeningPlan>(`/api/v1/billets/${billetId}/hardening`),
  });
