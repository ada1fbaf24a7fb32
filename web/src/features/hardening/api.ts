import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

export type HardeningPlan = Schemas['HardeningView'];

export const hardeningQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['billet', billetId, 'hardening'],
    queryFn: () =>
      answered(api.GET('/api/v1/billets/{id}/hardening', { params: { path: { id: billetId } } })),
  });
