import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';

/** A note that is not shown again, on a billet or in the whole shop. */
export type HiddenNote = Schemas['NoteHiddenNote'];

export const hiddenNotesQuery = queryOptions({
  queryKey: ['hidden-notes'],
  queryFn: () => answered(api.GET('/api/v1/hidden-notes')),
});

/** Hides notes of a family; on all billets where none is named. */
export const hideNote = (family: string, billetId: number | null) =>
  answered(api.POST('/api/v1/hidden-notes', { body: { family, billetId } }));

export const showNote = (id: number) =>
  answered(api.POST('/api/v1/hidden-notes/{id}/show', { params: { path: { id } } }));
