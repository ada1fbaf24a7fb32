import * as texts from 'texts/first/FirstBillet';
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
  if (!steels.data || !shelf.data) return <p className="text-soft">{texts.loadingTheSteels}</p>;
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
          label={texts.layers}
          measure="count"
          value={asked.count}
          onCommit={(count) => {
            if (count < 3) return texts.enter3OrMore;
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
        aria-label={texts.suggestedSchedule}
        aria-busy={search.running}
        className="border-t border-ink py-3"
      >
        {best ? (
          <Suggestion way={best} />
        ) : search.running ? (
          <p className="text-soft">{texts.searching}</p>
        ) : (
          !problem && <p>{texts.noScheduleReachesThisWithinYour}</p>
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
          {texts.createThisBillet}
        </Button>
        <Button weight="quiet" onClick={() => void navigate('/finder', { state: { asked } })}>
          {texts.seeAllSchedulesInTheFinder}
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
        <span className="text-soft">{texts.layersFrom} </span>
        <b>{way.words}</b>
      </p>
      <p>
        <Words of={way.why} />
      </p>
      <p className="pt-1 text-soft">
        {way.schedule.start && (
          <>
            {texts.pieces} <Length mm={way.schedule.start.outside.thicknessMm} /> {texts.and}
            <Length mm={way.schedule.start.inside.thicknessMm} unit /> {texts.thick}{' '}
            <Length mm={way.startMm} unit /> {texts.long}
          </>
        )}
        <Mass kg={way.startKg} />{' '}
        {texts.ofSteelWeldChanceAllWelds({
          welds: way.welds,
          minutes: hours(way.minutes),
          chance: showPercent(way.chance),
        })}
      </p>
    </>
  );
}
