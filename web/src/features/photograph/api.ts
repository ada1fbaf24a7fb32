import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api, asItIs } from '../../lib/http';

/** A line on a picture, as shares of its width and height from the top left corner. */
export type CountLine = Schemas['CountedLayersCountedCountLine'];

export type Counted = Schemas['PhotographCountCountView'];

/** Counts the layers in a photograph, along a line or along one that is found. */
export const countLayers = (photograph: File, line: CountLine | null, signal: AbortSignal) =>
  answered(
    api.POST('/api/v1/photographs/count', {
      params: { query: line ? { line: [line.x1, line.y1, line.x2, line.y2].join(',') } : {} },
      body: photograph as unknown as string,
      signal,
      ...asItIs(photograph.type),
    }),
  );

/** A count beside the plan's, with what may explain a difference. */
export const besidePlanQuery = (
  id: number,
  step: string,
  found: { readonly count: number; readonly low: number; readonly high: number },
) =>
  queryOptions({
    queryKey: ['billet', id, 'count', step, found],
    queryFn: () =>
      answered(
        api.GET('/api/v1/billets/{id}/count', { params: { path: { id }, query: { step, ...found } } }),
      ),
  });
