import { useEffect, useState } from 'react';

/** What a browser gives for keeping the screen on; older ones have nothing of it. */
interface Lock {
  release(): Promise<void>;
}
type Locks = { request(type: 'screen'): Promise<Lock> };

/**
 * Keeps the screen on as long as it is used. The browser takes that back when the page is hidden, so it is asked
 * for again when the page is seen. Answers whether the screen may go dark: browsers refuse it over a plain line,
 * when the battery is low, and where they know nothing of it.
 */
export function useAwake(): boolean {
  const [mayGoDark, setMayGoDark] = useState(false);
  useEffect(() => {
    const locks = (navigator as { wakeLock?: Locks }).wakeLock;
    let lock: Lock | null = null;
    let left = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const given = locks ? await locks.request('screen') : null;
        if (left) void given?.release();
        else lock = given;
        if (!left) setMayGoDark(given === null);
      } catch {
        if (!left) setMayGoDark(true);
      }
    };
    void ask();
    const again = () => void ask();
    document.addEventListener('visibilitychange', again);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
  return mayGoDark;
}
