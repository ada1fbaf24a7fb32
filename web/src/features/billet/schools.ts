import { queryOptions } from '@tanstack/react-query';
import { get } from '../../lib/http';
import type { OxygenSchool } from './plan';

/** What is dangerous about each way of keeping oxygen out. */
export const schoolsQuery = queryOptions({
  queryKey: ['schools'],
  queryFn: () => get<{ school: OxygenSchool; caution: string }[]>('/api/v1/schools'),
  staleTime: Infinity,
});
