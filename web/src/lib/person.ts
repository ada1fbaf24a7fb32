/** Who is signed in on this page: what waits in the browser belongs to one person and leaves under no other. */
let login: string | null = null;
const listeners = new Set<() => void>();

/** The sign-in name as the shop reported it last, null where no one is signed in or no one knows yet. */
export const person = (): string | null => login;

export function setPerson(now: string | null) {
  if (now === login) return;
  login = now;
  listeners.forEach((l) => l());
}

/** Calls back whenever someone else is signed in. */
export function onPerson(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
