import * as texts from 'texts/fire/api';
import type { Schemas, Sent } from '../../lib/api';
import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { answered, api, apiAtOnce, asItIs, onePage } from '../../lib/http';
import type { WeldOutcome } from '../book/api';

export type Act = 'FUEL' | 'IN' | 'FLUX' | 'TURN' | 'OUT' | 'SQUEEZE' | 'LET_GO' | 'BRUSH' | 'LOOK';
/** What is seen of a bar: the first ones need no figure. */
export type SightingKind =
  'SHADOW' | 'NO_SHADOW' | 'FLUX_MELTS' | 'FLUX_CLEAR' | 'FLUX_SMOKES' | 'FUEL_OUT' | 'COLOR' | 'SKIN';
export type Kind =
  'DEED' | 'UNDO' | 'READING' | 'NOTE' | WeldOutcome | SightingKind | 'FORGE' | 'AIR' | 'SPEED';
export type Where = 'FIRE' | 'AIR' | 'DIES';
export type StepState = 'DONE' | 'LEFT_OUT' | 'NOW' | 'TO_COME';

/** One thing reported at the fire, as it is sent. */
export type Entry = Sent['SessionEntry'];

export type KeptEntry = Schemas['SessionViewEntryView'];

export type FireStep = Schemas['SessionViewStepView'];

export type ChecklistItem = Schemas['HeatplanChecklistItem'];

export type FireBillet = Schemas['SessionViewBilletView'];

export type Gauge = Schemas['SessionViewGaugeView'];

export type Advice = Schemas['SessionAdvice'];

export type Forecast = Schemas['FollowingForecast'];

/** A figure and how well it is known: 90 in 100 are between its ends. */
export type Interval = Schemas['FollowingInterval'];

export type Look = Schemas['SessionViewBilletNow']['ask'];

export type BilletNow = Schemas['SessionViewBilletNow'];

/** One heat of a day's order, minutes. */
export type Turn = Schemas['RotationTurn'];

export type Now = Schemas['SessionViewNow'];

export type Point = Schemas['SessionViewPoint'];

export type Heat = Schemas['SessionViewHeat'];

export type ReviewNote = Schemas['ReviewNote'];

export type Whole = Schemas['SessionViewWhole'];

export type Entries = Schemas['SessionViewEntries'];

export type SessionEvent = Whole | Entries | Now;

export type FireLine = Schemas['SessionLine'];

export type HeatLine = Schemas['SessionHeatPlansHeatView'];

export type ProtectionCost = Schemas['HeatplanProtectionCost'];

export type HeatPlan = Schemas['HeatPlan'];

export type Chosen = Schemas['SessionForgeSessionServiceChosen'];

/** What is wrong in a practice run on purpose. */
export type Drill = Schemas['SessionDrillLine']['drill'];

export type InspectedBar = Schemas['SessionInspectionBar'];

export type TrueJoint = Schemas['SessionInspectionTrue'];

/** Why a joint is open. */
export type OpenCause = Schemas['SessionNamedCause']['cause'];

export type Day = Schemas['RotationDay'];

const NEWEST = 40;

export const firesQuery = queryOptions({
  queryKey: ['fires'],
  queryFn: () => answered(api.GET('/api/v1/forge-sessions', { params: { query: { limit: NEWEST } } })),
});

/** All sessions, a page at a time. */
export const sessionsQuery = infiniteQueryOptions({
  queryKey: ['fires', 'pages'],
  queryFn: ({ pageParam }) =>
    onePage(
      api.GET('/api/v1/forge-sessions', {
        params: { query: { limit: NEWEST, ...(pageParam === null ? {} : { after: pageParam }) } },
      }),
    ),
  initialPageParam: null as string | null,
  getNextPageParam: ({ next }) => next,
});

export const heatsQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['heats', billetId],
    queryFn: () => answered(api.GET('/api/v1/billets/{id}/heats', { params: { path: { id: billetId } } })),
  });

export const heatPlanQuery = (billetId: number, step: string) =>
  queryOptions({
    queryKey: ['heatPlan', billetId, step],
    queryFn: () =>
      answered(
        api.GET('/api/v1/billets/{id}/heat-plan', { params: { path: { id: billetId }, query: { step } } }),
      ),
  });

export const dayQuery = (billets: readonly Chosen[], places: number, fromMin: number, toMin: number) =>
  queryOptions({
    queryKey: ['day', billets, places, fromMin, toMin],
    queryFn: () =>
      answered(api.POST('/api/v1/forge-sessions/day', { body: { billets, places, fromMin, toMin } })),
    enabled: billets.length > 0,
  });

export const startFire = (
  billets: readonly Chosen[],
  rehearsal: boolean,
  speed: number,
  drill: Drill | null = null,
) => answered(api.POST('/api/v1/forge-sessions', { body: { billets, rehearsal, drill, speed } }));

/** The joints of a practice run that has ended. */
export const inspectionQuery = (id: number) =>
  queryOptions({
    queryKey: ['inspection', id],
    queryFn: () => answered(api.GET('/api/v1/forge-sessions/{id}/inspection', { params: { path: { id } } })),
    staleTime: Infinity,
    retry: false,
  });
export const nameCause = (id: number, body: Sent['SessionPracticeNaming']) =>
  answered(api.POST('/api/v1/forge-sessions/{id}/inspection', { params: { path: { id } }, body }));

/** How far the person who is signed in has come with each drill. */
export const drillsQuery = queryOptions({
  queryKey: ['drills'],
  queryFn: () => answered(api.GET('/api/v1/drills')),
  staleTime: 0,
});
export const endFire = (id: number) =>
  answered(api.POST('/api/v1/forge-sessions/{id}/end', { params: { path: { id } } }));
export const takeReadings = (id: number, csv: string) =>
  answered(
    api.POST('/api/v1/forge-sessions/{id}/readings', {
      params: { path: { id } },
      body: csv,
      ...asItIs('text/csv'),
    }),
  );
/** What happens in a session, a line at a time, for as long as it is read. */
export const following = (id: number, signal: AbortSignal) =>
  apiAtOnce.GET('/api/v1/forge-sessions/{id}/stream', {
    params: { path: { id } },
    parseAs: 'stream',
    signal,
  });
export const reopenFire = (id: number) =>
  answered(api.POST('/api/v1/forge-sessions/{id}/reopen', { params: { path: { id } } }));

export const ACT_WORDS: Record<Act, string> = {
  FUEL: texts.fuelSoak,
  IN: texts.inText,
  FLUX: texts.flux,
  TURN: texts.turn,
  OUT: texts.out,
  SQUEEZE: texts.squeeze,
  LET_GO: texts.release,
  BRUSH: texts.brush,
  LOOK: texts.inspect,
};

/** The letter that taps it. */
export const ACT_KEYS: Record<Act, string> = {
  FUEL: 'k',
  IN: 'i',
  FLUX: 'f',
  TURN: 't',
  OUT: 'o',
  SQUEEZE: 's',
  LET_GO: 'u',
  BRUSH: 'b',
  LOOK: 'l',
};

/** A heat in a list of them: which, and whether it is the next or was done. */
export const heatWords = (h: HeatLine) => h.title + (h.next ? texts.next : h.made > 0 ? texts.inTheBook : '');
