import { useMutation, useQueryClient } from '@tanstack/react-query';
import { addPhoto, writeEntry, type Says } from './api';

/** Writes an entry of a billet with its photographs; what shows the billet or the Book is read anew. */
export function useWriteEntry(billetId: number, onWritten?: () => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ says, photos = [] }: { says: Says; photos?: readonly File[] }) => {
      const entry = await writeEntry(billetId, says);
      for (const photo of photos) await addPhoto(entry.id, photo);
      return entry;
    },
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['billet', billetId] });
      await client.invalidateQueries({ queryKey: ['book'] });
      onWritten?.();
    },
  });
}
