import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { eachLine } from '../../lib/http';
import { store, stored } from '../../lib/stored';
import { uuid } from '../../lib/uuid';
import { following, type Act, type Entry, type Kind, type SessionEvent } from './api';
import { applied, undone, lastUndoable, type Seen } from './course';
import * as outbox from './outbox';

const SILENT_MS = 12_000;
const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 4000;
const ALL_SEEN = 'geminal.seen.';
/** What an earlier release stored under the names without a number had other fields. */
const LAST_SEEN = `${ALL_SEEN}2.`;

const device = (() => {
  const key = 'geminal.device';
  const there = localStorage.getItem(key);
  if (there) return there;
  const made = `screen-${uuid().slice(0, 8)}`;
  localStorage.setItem(key, made);
  return made;
})();

/** What was seen last, so that a page loaded again without the shop still shows the session. */
const remembered = (id: number) => stored(`${LAST_SEEN}${id}`) as Seen | null;

function remember(id: number, seen: Seen) {
  const one = `${LAST_SEEN}${id}`;
  Object.keys(localStorage)
    .filter((k) => k.startsWith(ALL_SEEN) && k !== one)
    .forEach((k) => localStorage.removeItem(k));
  store(one, seen);
}

/** A session that is looked at: what reports it, this screen's own entries, and taps. */
export function useFire(id: number) {
  const [seen, setSeen] = useState<Seen | null>(() => remembered(id));
  const [online, setOnline] = useState(false);
  const [missing, setMissing] = useState(false);
  const [expired, setExpired] = useState(false);
  const latest = useRef<Seen | null>(seen);

  useEffect(() => {
    let stopped = false;
    let wait = FIRST_WAIT_MS;
    let call = new AbortController();
    let heard = Date.now();
    let remembers = 0;
    const take = (line: unknown) => {
      const next = applied(latest.current, line as SessionEvent, Date.now());
      latest.current = next;
      setSeen(next);
      if (next && Date.now() - remembers > 3000) {
        remembers = Date.now();
        remember(id, next);
      }
    };
    const follow = async () => {
      while (!stopped) {
        call = new AbortController();
        try {
          await eachLine(following(id, call.signal), take, () => {
            heard = Date.now();
            wait = FIRST_WAIT_MS;
            setOnline(true);
            setExpired(false);
            void outbox.drain();
          });
        } catch (thrown) {
          // Signed out meanwhile: taps are kept, and go out when the same person has signed in again.
          if ((thrown as { status?: number }).status === 401) setExpired(true);
          if ((thrown as { status?: number }).status === 404) {
            setMissing(true);
            return;
          }
        }
        setOnline(false);
        await new Promise((r) => setTimeout(r, wait));
        wait = Math.min(LONGEST_WAIT_MS, wait * 2);
      }
    };
    const watch = setInterval(() => {
      if (Date.now() - heard > SILENT_MS) {
        heard = Date.now();
        call.abort();
      }
    }, 1000);
    const lost = () => {
      setOnline(false);
      call.abort();
    };
    window.addEventListener('offline', lost);
    void follow();
    return () => {
      stopped = true;
      clearInterval(watch);
      window.removeEventListener('offline', lost);
      call.abort();
    };
  }, [id]);

  const box = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const waiting = useMemo(() => {
    const there = new Set(seen?.entries.map((e) => e.id));
    return box.waiting.filter((w) => w.session === id && !there.has(w.entry.id)).map((w) => w.entry);
  }, [box, id, seen]);
  const refused = useMemo(() => box.refused.filter((r) => r.session === id), [box, id]);

  const put = useCallback(
    (kind: Kind, place: number, more: Partial<Entry> = {}) => {
      outbox.put(id, {
        id: uuid(),
        kind,
        place,
        note: '',
        doneAt: new Date(Date.now() + (latest.current?.clockMs ?? 0)).toISOString(),
        device,
        ...more,
      });
    },
    [id],
  );
  const tap = useCallback((act: Act, place: number) => put('DEED', place, { act }), [put]);
  const log = useMemo(() => [...(seen?.entries ?? []), ...waiting], [seen, waiting]);
  const undo = useCallback(
    (place: number) => {
      const last = lastUndoable(log, place);
      if (last) put('UNDO', place, { about: last.id });
      return last;
    },
    [log, put],
  );
  const unsentEntries = useMemo(() => {
    const gone = undone(log);
    return waiting.filter((e) => !gone.has(e.id));
  }, [log, waiting]);
  const unsaved = box.unsaved;
  const unsent = waiting.length;
  return {
    seen,
    online,
    missing,
    expired,
    waiting: unsentEntries,
    unsent,
    unsaved,
    refused,
    log,
    put,
    tap,
    undo,
  };
}

export type Fire = ReturnType<typeof useFire>;
