import * as texts from 'texts/schedule/SearchState';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import type { Asked, Relaxation } from './api';
import { relaxed } from './ask';
import type { Search } from './useSearch';

const n = (value: number) => value.toLocaleString('en');

/** What was found, how far the search is, and what to do when there is nothing. */
export function SearchState({
  search,
  asked,
  onAsk,
}: {
  search: Search & { readonly cancel: () => void; readonly again: () => void };
  asked: Asked;
  onAsk: (change: (asked: Asked) => Asked) => void;
}) {
  const census = search.ended?.census ?? search.seen?.census;
  return (
    <section
      aria-label={texts.result}
      aria-live="polite"
      aria-busy={search.running}
      data-ends={search.ends}
      className="min-h-20 shrink-0"
    >
      <div className="flex items-baseline gap-3">
        <p className="leading-none">
          <b className="text-[44px]" data-count="ways">
            {n(search.ways.length)}
          </b>{' '}
          <span className="text-lg">{texts.scheduleRecommended({ length: search.ways.length })}</span>
        </p>
        {search.running && <Progress search={search} />}
        {search.cancelled && (
          <p className="text-soft">
            {texts.calledOffWhatWasFoundSo}
            <Button weight="quiet" onClick={search.again}>
              {texts.searchAgain}
            </Button>
          </p>
        )}
        {search.ended?.how === 'STOPPED' && (
          <p className="text-soft">
            {texts.stoppedTooMuchToGoThrough({ restacksSeen: search.ended.restacksSeen })}
          </p>
        )}
      </div>
      {census && (
        <p className="pt-1 text-soft">
          {texts.schedulesReachTheCountOfThem({ reaching: n(census.reaching), keeping: n(census.keeping) })}
          {search.ways.length > 0 && texts.theOthersAreWorseOnEvery}.
          {census.tooThin > 0 && texts.endWithASectionTooSmall({ tooThin: n(census.tooThin) })}
        </p>
      )}
      {search.ended?.how === 'NOTHING' && (
        <Nothing
          relaxations={search.ended.relaxations}
          onApply={(r) => {
            const within = search.begun?.within;
            if (within) onAsk(() => relaxed(asked, within, r));
          }}
        />
      )}
    </section>
  );
}

function Progress({ search }: { search: Search & { readonly cancel: () => void } }) {
  const share = search.seen ? search.seen.done / Math.max(1, search.seen.of) : 0;
  return (
    <div className="flex items-center gap-3">
      <div
        role="progressbar"
        aria-label={texts.searched}
        aria-valuenow={Math.round(share * 100)}
        className="h-2 w-40 border border-line"
      >
        <div className="h-full bg-ink" style={{ width: `${share * 100}%` }} />
      </div>
      <Button weight="quiet" onClick={search.cancel}>
        {texts.cancel}
      </Button>
    </div>
  );
}

function Nothing({
  relaxations,
  onApply,
}: {
  relaxations: readonly Relaxation[];
  onApply: (relaxation: Relaxation) => void;
}) {
  return (
    <div role="alert" className="mt-2 border-l-4 border-ink bg-raised px-4 py-3">
      <p className="font-semibold">{texts.noScheduleSatisfiesTheLimits}</p>
      {relaxations.length === 0 ? (
        <p className="text-soft">{texts.noOneLimitIsInThe}</p>
      ) : (
        <ul className="grid gap-1 pt-1">
          {relaxations.map((r) => (
            <li key={r.words.join()}>
              {texts.itIsPossibleWith}
              {r.words.map((w, i) => (
                <span key={w}>
                  {i > 0 && texts.and}
                  <Words of={w} />
                </span>
              ))}
              .{' '}
              <Button weight="quiet" onClick={() => onApply(r)}>
                {texts.relaxLimit}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
