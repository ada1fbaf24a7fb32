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
      aria-label="Result"
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
          <span className="text-lg">{search.ways.length === 1 ? 'schedule' : 'schedules'} recommended</span>
        </p>
        {search.running && <Progress search={search} />}
        {search.cancelled && (
          <p className="text-soft">
            Called off; what was found so far stands here.{' '}
            <Button weight="quiet" onClick={search.again}>
              Search again
            </Button>
          </p>
        )}
        {search.ended?.how === 'STOPPED' && (
          <p className="text-soft">
            Stopped: too much to go through. Everything up to {search.ended.restacksSeen} restacks was
            searched, beyond that only some.
          </p>
        )}
      </div>
      {census && (
        <p className="pt-1 text-soft">
          {n(census.reaching)} schedules reach the count, {n(census.keeping)} of them satisfy the limits
          {search.ways.length > 0 && '; the others are worse on every cost'}.
          {census.tooThin > 0 && ` ${n(census.tooThin)} end with a section too small for the finished bar.`}
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
        aria-label="Searched"
        aria-valuenow={Math.round(share * 100)}
        className="h-2 w-40 border border-line"
      >
        <div className="h-full bg-ink" style={{ width: `${share * 100}%` }} />
      </div>
      <Button weight="quiet" onClick={search.cancel}>
        Cancel
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
      <p className="font-semibold">No schedule satisfies the limits.</p>
      {relaxations.length === 0 ? (
        <p className="text-soft">No one limit is in the way; ask for another count or another bar.</p>
      ) : (
        <ul className="grid gap-1 pt-1">
          {relaxations.map((r) => (
            <li key={r.words.join()}>
              It is possible with{' '}
              {r.words.map((w, i) => (
                <span key={w}>
                  {i > 0 && ' and '}
                  <Words of={w} />
                </span>
              ))}
              .{' '}
              <Button weight="quiet" onClick={() => onApply(r)}>
                Relax limit
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
