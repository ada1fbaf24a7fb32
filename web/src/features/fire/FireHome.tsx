import * as texts from 'texts/fire/FireHome';
import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { Problem } from '../../lib/http';
import { Quarantine } from '../quarantine/Quarantine';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { rackQuery } from '../billet/api';
import { shortTime } from '../book/time';
import {
  dayQuery,
  heatsQuery,
  heatWords,
  sessionsQuery,
  startFire,
  type Chosen,
  type Drill,
  type FireLine,
} from './api';
import { DrillChoice } from './DrillChoice';
import { OrderChart } from './OrderChart';
import { timeOfDay } from './timeOfDay';

const PLACES = 2;
const DAY_END_MIN = 17 * 60;
const REHEARSAL_SPEED = 20;
const MOST = 3;

/** What enters the fire today, in which order; sessions that go on and that are over. */
export function FireHome() {
  const rack = useQuery(rackQuery);
  const fires = useInfiniteQuery({ ...sessionsQuery, staleTime: 0 });
  const [params] = useSearchParams();
  const asked = Number(params.get('billet'));
  const [chosen, setChosen] = useState<ReadonlyMap<number, string>>(() =>
    asked && params.get('step') ? new Map([[asked, params.get('step') ?? '']]) : new Map(),
  );
  if (rack.isError) return <LoadFailed error={rack.error} again={() => void rack.refetch()} />;
  const choose = (billetId: number, path: string | null) => {
    const next = new Map(chosen);
    if (path === null) next.delete(billetId);
    else next.set(billetId, path);
    setChosen(next);
  };
  const sessions = fires.data?.pages.flatMap((p) => p.items) ?? [];
  const open = sessions.filter((f) => f.endedAt === null);
  const over = sessions.filter((f) => f.endedAt !== null);
  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <div className="flex items-baseline gap-5 pb-3">
        <h1 className="text-2xl">{texts.fire}</h1>
        <p className="text-soft">{texts.chooseWhatGoesInOneBillet}</p>
      </div>
      <Quarantine of={['SESSION']} one={texts.session} many={texts.sessions} />
      {open.length > 0 && (
        <section aria-label={texts.active} className="border-y border-ink bg-panel px-3 py-2">
          {open.map((f) => (
            <SessionLine key={f.id} fire={f} />
          ))}
        </section>
      )}
      <div className="grid grid-cols-[minmax(22rem,34rem)_1fr] gap-8 pt-3 max-md:grid-cols-[minmax(0,1fr)]">
        <section aria-label={texts.billets}>
          {!rack.data && <p className="text-soft">{texts.loadingTheBillets}</p>}
          {rack.data?.length === 0 && (
            <p className="text-soft">
              {texts.noBilletsOnThe} <Link to="/rack">{texts.rack}</Link> {texts.yet}
            </p>
          )}
          <ul>
            {rack.data?.map((b) => (
              <BilletChoice
                key={b.id}
                billet={b}
                path={chosen.get(b.id) ?? null}
                full={chosen.size >= MOST}
                onChoose={(path) => choose(b.id, path)}
              />
            ))}
          </ul>
        </section>
        <Today
          chosen={[...chosen].map(([billetId, stepPath]) => ({ billetId, stepPath }))}
          names={[...chosen.keys()].map((id) => rack.data?.find((b) => b.id === id)?.name ?? '')}
        />
      </div>
      {over.length > 0 && (
        <section aria-label={texts.finished} className="pt-6">
          <h2 className="text-lg">{texts.finished}</h2>
          {over.map((f) => (
            <SessionLine key={f.id} fire={f} />
          ))}
          {fires.hasNextPage && (
            <Button disabled={fires.isFetchingNextPage} onClick={() => void fires.fetchNextPage()}>
              {texts.showOlderSessions}
            </Button>
          )}
        </section>
      )}
    </main>
  );
}

function SessionLine({ fire }: { fire: FireLine }) {
  return (
    <p className="flex flex-wrap gap-x-4 py-1">
      <Link
        to={`/fire/${fire.id}`}
        className="font-semibold underline decoration-line underline-offset-4 hover:decoration-ink"
      >
        {fire.billets.map((b) => `${b.name}, ${(b.title ?? '').toLowerCase()}`).join(' · ')}
      </Link>
      <span className="text-soft">
        {fire.rehearsal ? texts.practiceRun : ''}
        {fire.endedAt === null ? texts.since({ time: shortTime(fire.startedAt) }) : shortTime(fire.startedAt)}
      </span>
    </p>
  );
}

function BilletChoice({
  billet,
  path,
  full,
  onChoose,
}: {
  billet: { readonly id: number; readonly name: string };
  path: string | null;
  full: boolean;
  onChoose: (path: string | null) => void;
}) {
  const fetched = useQuery(heatsQuery(billet.id)).data;
  const heats = fetched ?? [];
  const next = heats.find((h) => h.next) ?? heats.at(-1);
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-rule py-2">
      <label className="flex min-w-0 flex-1 cursor-pointer items-center gap-3 max-md:basis-full">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={path !== null}
          disabled={!next || (full && path === null)}
          onChange={(e) => onChoose(e.target.checked && next ? next.path : null)}
        />
        <span className="truncate font-semibold">{billet.name}</span>
      </label>
      {heats.length > 0 ? (
        <select
          aria-label={texts.heatOf({ name: billet.name })}
          className="border border-line bg-raised px-2 py-1"
          value={path ?? next?.path}
          disabled={full && path === null}
          onChange={(e) => onChoose(e.target.value)}
        >
          {heats.map((h) => (
            <option key={h.path} value={h.path}>
              {heatWords(h)}
            </option>
          ))}
        </select>
      ) : (
        <span className="text-soft">{fetched ? texts.noWeldOrDrawPlanned : texts.loading}</span>
      )}
      {next && (
        <Link
          to={`/billets/${billet.id}/heat?step=${encodeURIComponent(path ?? next.path)}`}
          className="text-[14px] underline decoration-line underline-offset-4 hover:decoration-ink"
        >
          {texts.heatPlan}
        </Link>
      )}
    </li>
  );
}

/** The day's order of what is chosen, and the two ways in. */
function Today({ chosen, names }: { chosen: readonly Chosen[]; names: readonly string[] }) {
  const navigate = useNavigate();
  const [fromMin] = useState(() => {
    const now = new Date();
    return now.getHours() * 60 + now.getMinutes();
  });
  const [drill, setDrill] = useState<Drill | null>(null);
  const end = Math.max(DAY_END_MIN, fromMin + 60);
  const day = useQuery(dayQuery(chosen, PLACES, fromMin, end));
  const start = useMutation({
    mutationFn: (rehearsal: boolean) =>
      startFire(chosen, rehearsal, REHEARSAL_SPEED, rehearsal ? drill : null),
    onSuccess: ({ id }) => navigate(`/fire/${id}`),
  });
  const problem = start.error ?? (day.isError ? day.error : null);
  return (
    <section aria-label={texts.today} className="border-l border-ink pl-6">
      <h2 className="text-lg">{texts.todayFrom({ fromMin: timeOfDay(fromMin) })}</h2>
      {chosen.length === 0 && <p className="pt-2 text-soft">{texts.chooseABilletToPlanIts}</p>}
      {day.data && chosen.length > 0 && (
        <>
          <p className="pt-1 pb-3 text-[20px] font-semibold">
            {texts.heatsDoneAt({ length: day.data.turns.length, endsMin: timeOfDay(day.data.endsMin) })}
          </p>
          <OrderChart turns={day.data.turns} names={names} fromMin={fromMin} nowMin={null} time={timeOfDay} />
          <p className="pt-2 text-soft">
            {texts.thePressIsIdleForMin({ pressIdleMin: Math.round(day.data.pressIdleMin) })}
            {day.data.overMin > 0.5 &&
              texts.billetsSoakMinLongerThanTheir({ overMin: Math.round(day.data.overMin) })}
          </p>
          {day.data.late.length > 0 && (
            <p className="mt-2 border-l-4 border-ink pl-3">
              <b>{texts.noSettingWeldToday({ value: day.data.late.join(', ') })}</b>{' '}
              {texts.aPreparedStackLeftOvernightNeeds}
            </p>
          )}
        </>
      )}
      <div className="flex flex-wrap items-start gap-4 pt-5">
        <Button
          weight="strong"
          className="min-h-14 text-[17px]"
          disabled={chosen.length === 0 || start.isPending}
          onClick={() => start.mutate(false)}
        >
          {texts.startSession}
        </Button>
        <Button
          className="min-h-14"
          disabled={chosen.length === 0 || start.isPending}
          onClick={() => start.mutate(true)}
          title={texts.simulatedForgeUpTo20Times}
        >
          {texts.practiceRun2}
        </Button>
        <DrillChoice value={drill} onChoose={setDrill} />
      </div>
      {problem && (
        <p role="alert" className="pt-2">
          <Words of={`${Problem.from(problem).detail} ${Problem.from(problem).remedy}`} />
        </p>
      )}
    </section>
  );
}
