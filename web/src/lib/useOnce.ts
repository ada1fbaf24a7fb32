import { useMemo } from 'react';
import { uuid } from './uuid';

/**
 * Makes sure that what a form sends is done once. The id and the contents stay the same until the shop has taken
 * them, so that pressing the button again after no answer was heard sends the very same request.
 */
export class Once<T extends object> {
  private sent: { readonly key: string; readonly id: string; readonly contents: T } | null = null;

  /** What to send for these contents; the moment they were written (`at`) does not make them others. */
  of(contents: T): { readonly id: string; readonly contents: T } {
    const key = JSON.stringify(contents, (name, value: unknown) => (name === 'at' ? undefined : value));
    if (this.sent?.key !== key) this.sent = { key, id: uuid(), contents };
    return this.sent;
  }

  /** It was taken: the same contents are another request from now on. */
  taken() {
    this.sent = null;
  }
}

export const useOnce = <T extends object>(): Once<T> => useMemo(() => new Once<T>(), []);
