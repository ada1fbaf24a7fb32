/**
 * When a sign-in ends while a page is open, what the page asks for waits until the same person is signed in
 * again; nothing that was typed is lost. Asks that cannot wait (a stream, taps that are kept anyway) are reported at
 * once.
 */
type Waiting = (signedIn: boolean) => void;

let waiting: Waiting[] = [];
let out = false;
const listeners = new Set<() => void>();

const tell = () => listeners.forEach((l) => l());

/** Whether the page's sign-in has ended. */
export const isSignedOut = (): boolean => out;

/** Calls back when the sign-in ends or is there again. */
export function onSignedOut(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Notes that the sign-in has ended. */
export function noteSignedOut() {
  if (out) return;
  out = true;
  tell();
}

/** Waits until someone has signed in again, or given up: then false. */
export function signedInAgain(): Promise<boolean> {
  noteSignedOut();
  return new Promise((done) => waiting.push(done));
}

/** Lets everything that waits go on, or with false says it that it will not. */
export function endWait(signedIn: boolean) {
  out = false;
  const all = waiting;
  waiting = [];
  tell();
  all.forEach((done) => done(signedIn));
}
