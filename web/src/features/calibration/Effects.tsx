import * as texts from 'texts/calibration/Effects';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { rackQuery } from '../billet/api';
import { Chance } from '../weldmap/Chance';
import { effectsOn, type WeldEffect } from './api';

type Compared = { billet: number; name: string; welds: readonly WeldEffect[] };

type State = { done: readonly Compared[]; of: number; running: boolean; problem: string | null };

/** What becomes of the chances of every billet on the rack; compared one after the other, on request. */
export function Effects({ row }: { row: number }) {
  const billets = useQuery(rackQuery).data ?? [];
  const [state, setState] = useState<State | null>(null);
  const stop = useRef<AbortController>(null);
  // A page that is left asks for no more.
  useEffect(() => () => stop.current?.abort(), []);

  const compare = async () => {
    const mine = new AbortController();
    stop.current = mine;
    let now: State = { done: [], of: billets.length, running: true, problem: null };
    const put = (change: Partial<State>) => setState((now = { ...now, ...change }));
    put({});
    try {
      for (const billet of billets) {
        const welds = await effectsOn(billet.id, row, mine.signal);
        put({ done: [...now.done, { billet: billet.id, name: billet.name, welds }] });
      }
      put({ running: false });
    } catch (e) {
      put({ running: false, problem: mine.signal.aborted ? null : Problem.from(e).detail });
    }
  };

  const changed = state?.done.filter((b) => b.welds.some(changes)) ?? [];
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        {state?.running ? (
          <>
            <span aria-live="polite">{texts.comparing({ done: state.done.length, of: state.of })}</span>
            <Button weight="quiet" onClick={() => stop.current?.abort()}>
              {texts.cancel}
            </Button>
          </>
        ) : (
          <Button onClick={() => void compare()} disabled={billets.length === 0}>
            {texts.comparePlans}
          </Button>
        )}
      </div>
      {state?.problem && <p role="alert">▲ {state.problem}</p>}
      {state && !state.running && changed.length === 0 && !state.problem && (
        <p className="text-soft">{texts.noChanceChanges}</p>
      )}
      {changed.map((b) => (
        <div
          key={b.billet}
          className="grid max-w-3xl gap-x-6 border-t border-rule pt-1 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]"
        >
          <b className="font-semibold">{b.name}</b>
          <ul className="flex flex-wrap gap-x-6 gap-y-1">
            {b.welds.filter(changes).map((w) => (
              <li key={w.step} className="whitespace-nowrap">
                <Words of={w.title} />: <Chance of={w.now} /> <span aria-label={texts.becomes}>→</span>{' '}
                <b>
                  <Chance of={w.then} />
                </b>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </div>
  );
}

/** Chances are shown in whole percent; less than that is no change. */
const changes = (w: WeldEffect) => Math.round(100 * w.now) !== Math.round(100 * w.then);
