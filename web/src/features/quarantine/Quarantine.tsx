import { queryOptions, useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';
import { CannotBeRead } from '../../ui/CannotBeRead';

type Kind = Schemas['StoredUnreadable']['kind'];

const unreadableQuery = (of: Kind[]) =>
  queryOptions({
    queryKey: ['unreadable', of],
    queryFn: () => answered(api.GET('/api/v1/unreadable', { params: { query: { of } } })),
  });

/** Stored rows of some kinds that this release cannot read. */
export function Quarantine({ of, one, many }: { of: readonly Kind[]; one: string; many: string }) {
  const all = useQuery(unreadableQuery([...of])).data ?? [];
  const things = all.map((u) => ({ ...u, data: `/api/v1/unreadable/${u.kind}/${u.id}` }));
  return <CannotBeRead one={one} many={many} things={things} />;
}
