import { queryOptions } from '@tanstack/react-query';
import type { Layers } from '../../figures/bars';
import { change, get } from '../../lib/http';
import type { Plan, Operation } from './plan';
import type { Weld, WeldOutcome } from '../book/api';

/** The steel after one step; sizes are of each bar, the mass is of all. */
export interface Stage {
  readonly key: string | null;
  readonly count: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lengthMm: number;
  readonly massKg: number;
  readonly shopCount: number;
  readonly visibleCount: number;
  readonly loose: boolean;
  readonly layers: Layers | null;
  readonly bySteel: Readonly<Record<string, number>>;
  readonly lostKg: number;
  readonly why: string;
}

export type Strength = 'WILL_FAIL' | 'AT_RISK' | 'WORTH_KNOWING';

export interface Finding {
  readonly id: string;
  readonly strength: Strength;
  readonly hazard: boolean;
  readonly stage: number;
  readonly what: string;
  readonly why: string;
  readonly mend: string;
  readonly remedy: { readonly label: string; readonly instead: Operation } | null;
}

export interface Run {
  readonly line: string;
  readonly stages: readonly Stage[];
  readonly stop: {
    readonly step: number;
    readonly field: string;
    readonly reason: string;
    readonly remedy: string;
  } | null;
  readonly findings: readonly Finding[];
  readonly ledger: {
    readonly startedKg: number;
    readonly finishedKg: number;
    readonly left: number;
    readonly lost: readonly { readonly kind: 'SCALE' | 'GRINDING' | 'KERF' | 'TRIM'; readonly kg: number }[];
  };
}

export interface Standing {
  readonly weldsMade: number;
  readonly weldsPlanned: number;
  readonly nextWeld: number | null;
  readonly flaw: number | null;
  readonly flawKind: WeldOutcome | null;
}

export interface BilletOnRack {
  readonly id: number;
  readonly name: string;
  readonly purpose: string;
  readonly standing: Standing;
  readonly nowStage: number;
  readonly now: Stage;
  readonly end: Stage;
  readonly stops: boolean;
  readonly willFail: number;
}

export interface Billet {
  readonly id: number;
  readonly name: string;
  readonly purpose: string;
  readonly version: number;
  readonly onRack: boolean;
  readonly plan: Plan;
  readonly run: Run;
  readonly standing: Standing;
  readonly welds: readonly Weld[];
}

export const rackQuery = queryOptions({
  queryKey: ['rack'],
  queryFn: () => get<BilletOnRack[]>('/api/billets'),
});

export const billetQuery = (id: number) =>
  queryOptions({ queryKey: ['billet', id], queryFn: () => get<Billet>(`/api/billets/${id}`), retry: false });

export const startBillet = (billet: { name: string; purpose: string; plan: Plan }) =>
  change<Billet>('POST', '/api/billets', billet);

export const changeBillet = (
  id: number,
  billet: { version: number; name: string; purpose: string; plan: Plan },
) => change<Billet>('PUT', `/api/billets/${id}`, billet);

export const setOnRack = (id: number, onRack: boolean) =>
  change('POST', `/api/billets/${id}/${onRack ? 'on-rack' : 'off-rack'}`);

export const workThrough = (plan: Plan) => change<Run>('POST', '/api/runs', { plan });

export const readLine = (line: string, plan: Plan) =>
  change<{ plan: Plan }>('POST', '/api/plans/read', { line, plan }).then((r) => r.plan);

export const addStep = (plan: Plan, after: number, words: string) =>
  change<{ plan: Plan }>('POST', '/api/plans/steps', { plan, after, words }).then((r) => r.plan);

export const outline = (stack: Plan['stack'], restacks: { cut: number; lay: 'SAME' | 'TURNED' }[]) =>
  change<{ plan: Plan }>('POST', '/api/plans/outline', { stack, restacks }).then((r) => r.plan);
