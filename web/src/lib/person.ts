/** Who is signed in on this page: what waits in the browser belongs to one person and goes out under no other. */
let login: string | null = null;
const listeners = new Set<() => void>();

/** The sign-in name as the shop told it last, null where nobody is signed in or nobody knows yet. */
export const person = (): string | null => login;

export function setPerson(now: string | null) {
  if (now === login) return;
  login = now;
  listeners.forEach((l) => l());
}

/** Calls back whenever somebody else is signed in. */
export function onPerson(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
