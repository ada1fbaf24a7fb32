import { useEffect, useState } from 'react';

/** The screen's clock, ms, a few times a second. */
export function useClock(everyMs = 250): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const ticking = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(ticking);
  }, [everyMs]);
  return now;
}
