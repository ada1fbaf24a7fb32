import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useOnce } from '../../lib/useOnce';
import { addPhoto, writeEntry, type Says } from './api';

/** Writes an entry of a billet with its photographs; what shows the billet or the Book is read again. */
export function useWriteEntry(billetId: number, onWritten?: () => void) {
  const client = useQueryClient();
  const once = useOnce<Says>();
  return useMutation({
    mutationFn: async ({ says, photos = [] }: { says: Says; photos?: readonly File[] }) => {
      const sent = once.of(says);
      const entry = await writeEntry(billetId, sent.contents, sent.id);
      for (const photo of photos) await addPhoto(entry.id, photo);
      return entry;
    },
    onSuccess: async () => {
      once.taken();
      // Fields are emptied first: what is typed while the lists are read again belongs to the next entry.
      onWritten?.();
      await client.invalidateQueries({ queryKey: ['billet', billetId] });
      await client.invalidateQueries({ queryKey: ['book'] });
    },
  });
}
