import { queryOptions, useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';
import { CannotBeRead } from '../../ui/CannotBeRead';

type Kind = Schemas['StoredUnreadable']['kind'];

const unreadableQuery = queryOptions({
  queryKey: ['unreadable'],
  queryFn: () => answered(api.GET('/api/v1/unreadable')),
});

/** Stored rows of some kinds that this release cannot read. */
export function Quarantine({ of, one, many }: { of: readonly Kind[]; one: string; many: string }) {
  const all = useQuery(unreadableQuery).data ?? [];
  const things = all
    .filter((u) => of.includes(u.kind))
    .map((u) => ({ ...u, data: `/api/v1/unreadable/${u.kind}/${u.id}` }));
  return <CannotBeRead one={one} many={many} things={things} />;
}
