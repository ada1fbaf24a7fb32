import { useState } from 'react';

/** A photograph that was chosen. */
export interface Chosen {
  readonly file: File;
  readonly picture: ImageBitmap;
}

/** The last one of a billet: what is counted in it may be measured in it too, without another. */
let last: { readonly billetId: number; readonly chosen: Chosen } | null = null;

/** The photograph that a billet's pages of photographs are about. */
export function usePhotograph(billetId: number) {
  const [chosen, setChosen] = useState(last?.billetId === billetId ? last.chosen : null);
  const [unreadable, setUnreadable] = useState(false);
  return {
    chosen,
    unreadable,
    choose: async (file: File) => {
      // Where the next cannot be opened, none is, and another may be chosen.
      setChosen(null);
      last = null;
      setUnreadable(false);
      try {
        const opened = { file, picture: await createImageBitmap(file) };
        last = { billetId, chosen: opened };
        setChosen(opened);
      } catch {
        setUnreadable(true);
      }
    },
  };
}
