import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';
import type { Origin, Plan, Stack, Turn } from './plan';

/** The steel after one step; sizes are of each bar, the mass is of all. */
export type Stage = Schemas['BilletStageView'];

/** Bars alone; sizes of each, mass of all. */
export type Bars = Schemas['BilletStageViewAsideView'];

/** How a part met the bar it was laid to. */
export type Fit = Schemas['OperationFit'];

/** A stop block of a draw, with what is expected at it. */
export type Stop = Schemas['ForgingStopLadderRung'];

/** An edit that would correct a finding: one of the three is there. */
export type Remedy = Schemas['BilletRunViewRemedyView'];

/** Whether the bar yields what is wanted: what is missing, or left over below 0. */
export type Finish = Schemas['SizingFinish'];

export type Severity = 'ERROR' | 'WARNING' | 'NOTE';

export type Finding = Schemas['BilletRunViewFindingView'];

export type Run = Schemas['BilletRunView'];

export type BilletProgress = Schemas['BilletProgressView'];

export type BilletOnRack = Schemas['BilletOnRack'];

export type Billet = Schemas['BilletOpened'];

/** A billet whose plan this release cannot read or work through; why, in a sentence. */
export type UnreadableBillet = Schemas['BilletNotReadable'];

type RackLine = BilletOnRack | UnreadableBillet;

const isUnreadable = (line: RackLine): line is UnreadableBillet => 'unreadable' in line;

const rack = { queryKey: ['rack'], queryFn: () => answered(api.GET('/api/v1/billets')) };

export const rackQuery = queryOptions({
  ...rack,
  select: (lines) => lines.filter((l): l is BilletOnRack => !isUnreadable(l)),
});

export const unreadableQuery = queryOptions({ ...rack, select: (lines) => lines.filter(isUnreadable) });

export const billetQuery = (id: number) =>
  queryOptions({
    queryKey: ['billet', id],
    queryFn: () => answered(api.GET('/api/v1/billets/{id}', { params: { path: { id } } })),
    retry: false,
  });

export const startBillet = (billet: { name: string; purpose: string; plan: Plan }) =>
  answered(api.POST('/api/v1/billets', { body: billet }));

export const changeBillet = (
  id: number,
  billet: { version: number; name: string; purpose: string; plan: Plan },
) => answered(api.PUT('/api/v1/billets/{id}', { params: { path: { id } }, body: billet }));

export const setOnRack = (id: number, onRack: boolean) =>
  answered(
    api.POST(onRack ? '/api/v1/billets/{id}/restore' : '/api/v1/billets/{id}/archive', {
      params: { path: { id } },
    }),
  );

export const workThrough = (plan: Plan) => answered(api.POST('/api/v1/runs', { body: { plan } }));

export const readLine = (line: string, plan: Plan) =>
  answered(api.POST('/api/v1/plans/read', { body: { line, plan } })).then((r) => r.plan);

export const addStep = (plan: Plan, after: number, words: string) =>
  answered(api.POST('/api/v1/plans/steps', { body: { plan, after, words } })).then((r) => r.plan);

export const outline = (stack: Stack, restacks: { cut: number; turns: readonly Turn[] }[]) =>
  answered(api.POST('/api/v1/plans/outline', { body: { stack, restacks } })).then((r) => r.plan);

export type CutBar = Schemas['BilletSizingCutBarView'];

export type CutList = Schemas['BilletSizingCutListView'];

export const cutListQuery = (plan: Plan) =>
  queryOptions({
    queryKey: ['cut-list', plan],
    queryFn: () => answered(api.POST('/api/v1/plans/cut-list', { body: { plan } })),
    retry: false,
  });

export const smallest = (plan: Plan) => answered(api.POST('/api/v1/plans/smallest', { body: { plan } }));

/** Bars that were set aside in some billet and wait. */
export type Waiting = Schemas['BilletSetAsideWaitingView'];

export const waitingQuery = queryOptions({
  queryKey: ['set-aside'],
  queryFn: () => answered(api.GET('/api/v1/set-aside')),
});

export const historyOf = ({ billetId, stepKey }: Origin, count: number) =>
  answered(api.GET('/api/v1/set-aside/history', { params: { query: { billetId, stepKey, count } } })).then(
    (r) => r.plan,
  );

export const readPlanFile = (text: string) =>
  answered(api.POST('/api/v1/plan-files', { body: {}, bodySerializer: () => text }));

export type OpenCutList = Schemas['BilletOpenCutListOpenCutListView'];

/** What all billets without a weld want from the shelf, together. */
export const openCutListQuery = queryOptions({
  queryKey: ['stock', 'open-cut-list'],
  queryFn: () => answered(api.GET('/api/v1/stock/cut-list')),
});
