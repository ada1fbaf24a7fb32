import { answered, apiAtOnce, Problem } from '../../lib/http';
import { onPerson, person } from '../../lib/person';
import { store, stored } from '../../lib/stored';
import type { Entry } from './api';

/**
 * Entries that are not on disk at the shop yet. Each is in this browser under a key of its own before
 * anything else happens, and stays there until the shop has answered for it; so a reload, a dead tablet that
 * wakes up and two tabs beside each other all end in the same record. Sending twice is safe. Each belongs to
 * the person who was signed in and leaves under no other.
 */
const PREFIX = 'geminal.fire.';
const REFUSED = 'geminal.refused.';
const AGAIN_MS = 2000;
const AT_ONCE = 100;
/** A line that was lost without a word leaves requests that are never answered; they are given up after this. */
const PATIENCE_MS = 10_000;

export interface Waiting {
  readonly session: number;
  readonly entry: Entry;
}

export interface Refused extends Waiting {
  readonly why: string;
}

export interface Snapshot {
  readonly waiting: readonly Waiting[];
  readonly refused: readonly Refused[];
  /** Entries this browser had no room for: they are kept as long as the page is open. */
  readonly unsaved: number;
}

interface Stored {
  readonly order: number;
  readonly entry: Entry;
  /** Whose it is; entries of earlier releases do not say. */
  readonly by?: string | null;
}

/** What found no room in the browser's storage. */
const inMemory = new Map<string, Stored>();

const keyOf = (session: number, id: string) => `${PREFIX}${session}.${id}`;

function keysWith(prefix: string): string[] {
  return Object.keys(localStorage).filter((k) => k.startsWith(prefix));
}

/** Everything of this person that waits, in the order it was reported. */
export function waiting(): readonly Waiting[] {
  return [...keysWith(PREFIX), ...inMemory.keys()]
    .flatMap((key) => {
      const entry = inMemory.get(key) ?? (stored(key) as Stored | null);
      const theirs = entry && (entry.by == null || entry.by === person());
      return theirs ? [{ session: Number(key.slice(PREFIX.length).split('.')[0]), ...entry }] : [];
    })
    .sort((a, b) => a.order - b.order);
}

function done(key: string) {
  inMemory.delete(key);
  localStorage.removeItem(key);
}

/** Entries the shop would not take, with its reason; they are kept until someone lets them go. */
export const refused = (): readonly Refused[] =>
  keysWith(REFUSED).flatMap((key) => {
    const entry = stored(key) as Refused | null;
    return entry ? [entry] : [];
  });

export function letGo(id: string) {
  localStorage.removeItem(REFUSED + id);
  publish();
}

const listeners = new Set<() => void>();
let cached: Snapshot | null = null;
let busy = false;
let timer: ReturnType<typeof setTimeout> | null = null;

function publish() {
  cached = null;
  listeners.forEach((l) => l());
}

/** Calls back whenever what waits has changed. */
export function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** What waits and what was refused; the same object until it changes. */
export const snapshot = (): Snapshot =>
  (cached ??= { waiting: waiting(), refused: refused(), unsaved: inMemory.size });

/** Writes it down here, then sends it. */
export function put(session: number, entry: Entry) {
  const order = performance.timeOrigin + performance.now();
  const mine: Stored = { order, entry, by: person() };
  if (!store(keyOf(session, entry.id), mine)) inMemory.set(keyOf(session, entry.id), mine);
  publish();
  void drain();
}

function later() {
  timer ??= setTimeout(() => {
    timer = null;
    void drain();
  }, AGAIN_MS);
}

/** Sends whatever waits; comes back by itself as long as something does. */
export async function drain(): Promise<void> {
  if (busy) return;
  busy = true;
  try {
    for (;;) {
      const first = waiting()[0];
      if (!first) return;
      const some = waiting()
        .filter((w) => w.session === first.session)
        .slice(0, AT_ONCE);
      await send(
        first.session,
        some.map((w) => w.entry),
      );
      publish();
    }
  } catch (thrown) {
    if (Problem.from(thrown).status === 403) {
      await patiently((signal) => fetch('/api/v1/session', { signal })).catch(() => null);
    }
    later();
  } finally {
    busy = false;
  }
}

async function patiently<T>(ask: (signal: AbortSignal) => Promise<T>): Promise<T> {
  const call = new AbortController();
  const end = setTimeout(() => call.abort(), PATIENCE_MS);
  try {
    return await ask(call.signal);
  } finally {
    clearTimeout(end);
  }
}

async function send(session: number, entries: readonly Entry[]) {
  try {
    // They are kept here meanwhile, so nothing waits for someone to sign in again.
    const answer = await patiently((signal) =>
      answered(
        apiAtOnce.POST('/api/v1/forge-sessions/{id}/entries', {
          params: { path: { id: session } },
          body: { entries },
          signal,
        }),
      ),
    );
    answer.kept.forEach((id) => done(keyOf(session, id)));
  } catch (thrown) {
    const problem = Problem.from(thrown);
    if (problem.status !== 422 && problem.status !== 404 && problem.status !== 400) throw thrown;
    // One of them cannot be taken: it must not hold up the others.
    const at = Number(/^\/entries\/(\d+)/.exec(problem.where)?.[1] ?? 0);
    const bad = entries[at];
    if (!bad) throw thrown;
    store(REFUSED + bad.id, { session, entry: bad, why: problem.detail } satisfies Refused);
    done(keyOf(session, bad.id));
  }
}

window.addEventListener('online', () => void drain());
window.addEventListener('storage', publish);
onPerson(() => {
  publish();
  void drain();
});
