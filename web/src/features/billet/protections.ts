import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

/** What is dangerous about each way of keeping oxygen out. */
export const protectionsQuery = queryOptions({
  queryKey: ['protections'],
  queryFn: () => answered(api.GET('/api/v1/protections')),
  staleTime: Infinity,
});
