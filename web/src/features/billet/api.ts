import { queryOptions } from '@tanstack/react-query';
import type { Section } from '../../figures/section';
import { change, get } from '../../lib/http';
import type { Operation, Origin, Plan, Stack, Turn } from './plan';
import type { Weld, WeldOutcome } from '../book/api';
import type { StockBar } from '../stock/api';

/** The steel after one step; sizes are of each bar, the mass is of all. */
export interface Stage {
  readonly key: string | null;
  readonly off: boolean;
  readonly count: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lengthMm: number;
  readonly massKg: number;
  readonly shopCount: number;
  readonly visibleCount: number;
  readonly loose: boolean;
  /** Part of the height that is steel and not void. */
  readonly fill: number;
  readonly form: 'BAR' | 'ROUND' | 'BLADE';
  readonly section: Section;
  readonly lostKg: number;
  readonly joinedKg: number;
  readonly aside: Bars | null;
  readonly fits: readonly Fit[];
  readonly why: string;
  readonly marks: {
    readonly fromEndMm: readonly number[];
    readonly pieceMm: number;
    readonly leftMm: number;
  } | null;
  readonly stops: readonly Stop[] | null;
  /** What was reckoned, where the bars were measured otherwise. */
  readonly planned: {
    readonly widthMm: number;
    readonly heightMm: number;
    readonly lengthMm: number;
    readonly massKg: number;
    readonly words: readonly string[];
  } | null;
}

/** Bars alone; sizes of each, mass of all. */
export interface Bars {
  readonly count: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lengthMm: number;
  readonly massKg: number;
}

/** How a part met the bar it was laid to. */
export interface Fit {
  readonly part: string;
  readonly what: 'WIDTH' | 'HEIGHT' | 'LENGTH';
  readonly ownMm: number;
  readonly partMm: number;
}

/** A stop block of a draw, with what is expected at it. */
export interface Stop {
  readonly heightMm: number;
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly spreadMm: number;
}

/** An edit that would mend a finding: one of the three is there. */
export interface Remedy {
  readonly label: string;
  readonly instead: Operation | null;
  readonly before: Operation | null;
  readonly stack: Stack | null;
}

/** Whether the bar yields what is wanted: what is missing, or left over below 0. */
export interface Finish {
  readonly lengthShortMm: number;
  readonly widthShortMm: number;
  readonly heightShortMm: number;
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
  /** What the Book says of such welds; empty where it says nothing. */
  readonly record: string;
  readonly about: string;
  readonly remedy: Remedy | null;
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
    readonly asideKg: number;
    readonly leftOverKg: number;
    readonly left: number;
    readonly lost: readonly {
      readonly kind: 'SCALE' | 'GRINDING' | 'KERF' | 'TRIM' | 'JACKET' | 'SCRAP' | 'MEASURED';
      readonly kg: number;
    }[];
  };
  readonly parts: Readonly<Record<string, Run>>;
  readonly finish: Finish | null;
}

export interface Standing {
  readonly weldsMade: number;
  readonly weldsPlanned: number;
  /** Path of a step: part names and its key. */
  readonly nextWeld: string | null;
  readonly flaw: string | null;
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

/** A billet whose plan this release cannot read or work through; why, in a sentence. */
export interface UnreadableBillet {
  readonly id: number;
  readonly name: string;
  readonly unreadable: string;
}

type RackLine = BilletOnRack | UnreadableBillet;

const isUnreadable = (line: RackLine): line is UnreadableBillet => 'unreadable' in line;

const rack = { queryKey: ['rack'], queryFn: () => get<RackLine[]>('/api/v1/billets') };

export const rackQuery = queryOptions({
  ...rack,
  select: (lines) => lines.filter((l): l is BilletOnRack => !isUnreadable(l)),
});

export const unreadableQuery = queryOptions({ ...rack, select: (lines) => lines.filter(isUnreadable) });

export const billetQuery = (id: number) =>
  queryOptions({
    queryKey: ['billet', id],
    queryFn: () => get<Billet>(`/api/v1/billets/${id}`),
    retry: false,
  });

export const startBillet = (billet: { name: string; purpose: string; plan: Plan }) =>
  change<Billet>('POST', '/api/v1/billets', billet);

export const changeBillet = (
  id: number,
  billet: { version: number; name: string; purpose: string; plan: Plan },
) => change<Billet>('PUT', `/api/v1/billets/${id}`, billet);

export const setOnRack = (id: number, onRack: boolean) =>
  change('POST', `/api/v1/billets/${id}/${onRack ? 'on-rack' : 'off-rack'}`);

export const workThrough = (plan: Plan) => change<Run>('POST', '/api/v1/runs', { plan });

export const readLine = (line: string, plan: Plan) =>
  change<{ plan: Plan }>('POST', '/api/v1/plans/read', { line, plan }).then((r) => r.plan);

export const addStep = (plan: Plan, after: number, words: string) =>
  change<{ plan: Plan }>('POST', '/api/v1/plans/steps', { plan, after, words }).then((r) => r.plan);

export const outline = (stack: Stack, restacks: { cut: number; turns: readonly Turn[] }[]) =>
  change<{ plan: Plan }>('POST', '/api/v1/plans/outline', { stack, restacks }).then((r) => r.plan);

export interface CutBar {
  readonly stockId: number;
  readonly bar: StockBar;
  readonly piecesMm: readonly number[];
  readonly offcutMm: number;
  readonly massKg: number;
  readonly price: number | null;
}

export interface CutList {
  readonly bars: readonly CutBar[];
  readonly missing: readonly {
    readonly steel: string;
    readonly thicknessMm: number;
    readonly widthMm: number;
    readonly lengthMm: number;
    readonly count: number;
  }[];
  readonly proven: boolean;
  readonly kerfMm: number;
  readonly massKg: number;
  readonly price: number;
}

export const cutListQuery = (plan: Plan) =>
  queryOptions({
    queryKey: ['cut-list', plan],
    queryFn: () => change<CutList>('POST', '/api/v1/plans/cut-list', { plan }),
    retry: false,
  });

export const smallest = (plan: Plan) =>
  change<{ enough: boolean; plan: Plan; finish: Finish }>('POST', '/api/v1/plans/smallest', { plan });

/** Bars that were set aside in some billet and wait. */
export interface Waiting extends Origin {
  readonly free: number;
  readonly bars: Bars;
  readonly visibleCount: number;
  readonly section: Section;
}

export const waitingQuery = queryOptions({
  queryKey: ['set-aside'],
  queryFn: () => get<Waiting[]>('/api/v1/set-aside'),
});

export const historyOf = ({ billetId, stepKey }: Origin, count: number) =>
  get<{ plan: Plan }>(
    `/api/v1/set-aside/history?billetId=${billetId}&stepKey=${encodeURIComponent(stepKey)}&count=${count}`,
  ).then((r) => r.plan);

export const readPlanFile = (text: string) =>
  change<{ id: number; steelsAdded: string[]; steelsKept: string[] }>('POST', '/api/v1/plan-files', text);
