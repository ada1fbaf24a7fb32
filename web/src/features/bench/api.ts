import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';

export type StepToWork = Schemas['WorkStepToWork'];

/** The steps of a billet in the order they are worked, and which are done. */
export const workQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['billet', billetId, 'work'],
    queryFn: () => answered(api.GET('/api/v1/billets/{id}/work', { params: { path: { id: billetId } } })),
  });
