import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { showPercent } from '../../units';
import { Button } from '../../ui/Button';
import { LoadFailed, Notice } from '../../ui/Notice';
import { MeasureField } from '../../ui/MeasureField';
import { Length, Mass, Words } from '../../ui/Words';
import type { Asked, Way } from '../schedule/api';
import { firstQuestion } from '../schedule/ask';
import { SizeFields } from '../schedule/SizeFields';
import { useOpen } from '../schedule/useOpen';
import { useSearch } from '../schedule/useSearch';
import { hours, ordered } from '../schedule/weigh';
import { steelsQuery } from '../steel/api';
import { stockQuery } from '../stock/api';

/** The Finder's answer to a count and a size, to make the first billet of. */
export function FirstBillet() {
  const steels = useQuery(steelsQuery);
  const shelf = useQuery(stockQuery);
  const failed = steels.error ?? shelf.error;
  if (failed) {
    return (
      <LoadFailed
        error={failed}
        again={() => {
          void steels.refetch();
          void shelf.refetch();
        }}
      />
    );
  }
  if (!steels.data || !shelf.data) return <p className="text-soft">Loading the steels …</p>;
  return <Finding first={firstQuestion(steels.data, shelf.data)} />;
}

function Finding({ first }: { first: Asked }) {
  const [asked, setAsked] = useState(first);
  const search = useSearch(asked);
  const open = useOpen(asked, undefined);
  const navigate = useNavigate();
  const best = ordered(search.ways, 'welds', false)[0];
  const problem = search.problem ?? open.problem;
  return (
    <>
      <div className="grid max-w-xl gap-3 pb-4 sm:grid-cols-[8rem_1fr]">
        <MeasureField
          label="Layers"
          measure="count"
          value={asked.count}
          onCommit={(count) => {
            if (count < 3) return 'Enter 3 or more.';
            setAsked({ ...asked, count });
            return null;
          }}
        />
        <SizeFields
          size={asked.finished}
          onSize={(change) => {
            setAsked({ ...asked, finished: { ...asked.finished, ...change } });
            return null;
          }}
        />
      </div>
      <section
        aria-label="Suggested schedule"
        aria-busy={search.running}
        className="border-t border-ink py-3"
      >
        {best ? (
          <Suggestion way={best} />
        ) : search.running ? (
          <p className="text-soft">Searching …</p>
        ) : (
          !problem && <p>No schedule reaches this within your limits. Try a smaller bar or fewer layers.</p>
        )}
      </section>
      {problem && (
        <Notice title={problem.title}>
          <Words of={`${problem.detail} ${problem.remedy}`} />
        </Notice>
      )}
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-3 pt-2">
        <Button
          weight="strong"
          disabled={!best || search.running || open.busy}
          onClick={() => best && open.open(best)}
        >
          Create this billet
        </Button>
        <Button weight="quiet" onClick={() => void navigate('/finder', { state: { asked } })}>
          See all schedules in the Finder
        </Button>
      </div>
    </>
  );
}

/** The schedule with the fewest welds, and what it takes. */
function Suggestion({ way }: { way: Way }) {
  return (
    <>
      <p>
        <b className="text-[44px] leading-none">{way.visible.toLocaleString('en')}</b>{' '}
        <span className="text-soft">layers from </span>
        <b>{way.words}</b>
      </p>
      <p>
        <Words of={way.why} />
      </p>
      <p className="pt-1 text-soft">
        {way.schedule.start && (
          <>
            pieces <Length mm={way.schedule.start.outside.thicknessMm} /> and{' '}
            <Length mm={way.schedule.start.inside.thicknessMm} unit /> thick, <Length mm={way.startMm} unit />{' '}
            long ·{' '}
          </>
        )}
        <Mass kg={way.startKg} /> of steel · {way.welds} {way.welds === 1 ? 'weld' : 'welds'} ·{' '}
        {hours(way.minutes)} · chance all welds hold {showPercent(way.chance)}
      </p>
    </>
  );
}
