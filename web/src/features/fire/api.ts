import { queryOptions } from '@tanstack/react-query';
import { change, get, sendText } from '../../lib/http';
import type { OxygenSchool } from '../billet/plan';
import type { WeldOutcome } from '../book/api';

export type Act = 'FUEL' | 'IN' | 'FLUX' | 'TURN' | 'OUT' | 'SQUEEZE' | 'LET_GO' | 'BRUSH' | 'LOOK';
export type Kind = 'DEED' | 'UNDO' | 'READING' | 'NOTE' | WeldOutcome | 'FORGE' | 'SPEED';
export type Where = 'FIRE' | 'AIR' | 'DIES';
export type Standing = 'DONE' | 'LEFT_OUT' | 'NOW' | 'TO_COME';

/** One thing told at the fire, as it is sent. */
export interface Entry {
  readonly id: string;
  readonly kind: Kind;
  readonly place: number;
  readonly act?: Act;
  readonly about?: string;
  readonly figure?: number;
  readonly note: string;
  readonly doneAt: string;
  readonly device: string;
}

export interface KeptEntry extends Omit<Entry, 'doneAt'> {
  readonly seq: number;
  readonly atS: number;
  readonly madeBy: string;
}

export interface FireStep {
  readonly heat: number;
  readonly act: Act | null;
  readonly title: string;
  readonly how: string;
  readonly moment: string;
}

export interface LaidOut {
  readonly what: string;
  readonly caution: string;
}

export interface FireBillet {
  readonly place: number;
  readonly billetId: number;
  readonly name: string;
  readonly title: string;
  readonly school: OxygenSchool | null;
  readonly floorC: number;
  readonly aimC: number;
  readonly ceilingC: number;
  readonly heats: number;
  readonly steps: readonly FireStep[];
  readonly layOut: readonly LaidOut[];
  readonly cautions: readonly string[];
}

export interface Gauge {
  readonly value: number | null;
  readonly state: string;
  readonly words: string;
  readonly good: boolean;
}

export interface Advice {
  readonly title: string;
  readonly why: string;
  readonly main: Act;
  readonly others: readonly Act[];
  readonly urgent: boolean;
  readonly waits: boolean;
}

export interface Ahead {
  readonly inS: number;
  readonly skinC: number;
  readonly coreC: number;
}

export interface BilletNow {
  readonly place: number;
  readonly where: Where;
  readonly begun: boolean;
  readonly finished: boolean;
  readonly heat: number;
  readonly skinC: number;
  readonly coreC: number;
  readonly plusMinusC: number;
  readonly readyInS: number;
  readonly readyForS: number;
  readonly soakedS: number;
  readonly sinceOutS: number;
  readonly leftS: number;
  readonly advice: Advice;
  readonly standings: readonly Standing[];
  readonly ahead: readonly Ahead[];
  readonly toll: {
    readonly scaleMm: number;
    readonly softMm: number;
    readonly grainUm: number;
    readonly hotMin: number;
  };
}

/** One heat of a day's order, minutes. */
export interface Turn {
  readonly job: number;
  readonly heat: number;
  readonly inMin: number;
  readonly readyMin: number;
  readonly pressMin: number;
  readonly doneMin: number;
}

export interface Now {
  readonly told: 'now';
  readonly second: number;
  readonly speed: number;
  readonly forge: Gauge;
  readonly press: Gauge;
  readonly reckonedWithC: number;
  readonly setC: number | null;
  readonly billets: readonly BilletNow[];
  readonly order: readonly Turn[];
  readonly ended: boolean;
}

export interface Point {
  readonly second: number;
  readonly figure: number;
}

export interface Heat {
  readonly second: number;
  readonly skinC: number;
  readonly coreC: number;
}

export interface Lesson {
  readonly kind: string;
  readonly well: boolean;
  readonly heat: number;
  readonly atS: number;
  readonly what: string;
  readonly why: string;
}

export interface Whole {
  readonly told: 'whole';
  readonly id: number;
  readonly now: string;
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly rehearsal: boolean;
  readonly billets: readonly FireBillet[];
  readonly entries: readonly KeptEntry[];
  readonly seq: number;
  readonly forge: readonly Point[];
  readonly press: readonly Point[];
  readonly histories: readonly (readonly Heat[])[];
  readonly at: Now;
  readonly lessons: readonly (readonly Lesson[])[];
}

export interface Entries {
  readonly told: 'entries';
  readonly entries: readonly KeptEntry[];
  readonly seq: number;
}

export type Told = Whole | Entries | Now;

export interface FireLine {
  readonly id: number;
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly rehearsal: boolean;
  readonly billets: readonly { readonly billetId: number; readonly name: string; readonly title: string }[];
}

export interface HeatLine {
  readonly path: string;
  readonly title: string;
  readonly welds: boolean;
  readonly made: number;
  readonly next: boolean;
}

export interface SchoolCost {
  readonly school: OxygenSchool;
  readonly fireMin: number;
  readonly benchMin: number;
  readonly skinMm: number;
  readonly lostKg: number;
  readonly softMm: number;
  readonly grainUm: number;
  readonly gasKg: number;
  readonly made: number;
  readonly held: number;
  readonly risks: readonly string[];
}

export interface HeatPlan {
  readonly stepPath: string;
  readonly title: string;
  readonly school: OxygenSchool | null;
  readonly heats: number;
  readonly window: {
    readonly floorC: number;
    readonly aimC: number;
    readonly ceilingC: number;
    readonly meltsC: number;
    readonly solidusC: number;
    readonly softest: string;
    readonly why: string;
  };
  readonly soaking: {
    readonly firstMin: number;
    readonly againMin: number;
    readonly plannedMin: number;
    readonly coreWhenSkinC: number;
    readonly limitMin: number;
    readonly why: string;
  };
  readonly squeezing: {
    readonly needKn: number;
    readonly haveKn: number;
    readonly bites: number;
    readonly biteMm: number;
    readonly mostMpa: number;
    readonly why: string;
  };
  readonly steps: readonly FireStep[];
  readonly stops: readonly {
    readonly heightMm: number;
    readonly widthMm: number;
    readonly lengthMm: number;
    readonly spreadMm: number;
  }[];
  readonly cautions: readonly string[];
  readonly layOut: readonly LaidOut[];
  readonly schools: readonly SchoolCost[];
}

export interface Chosen {
  readonly billetId: number;
  readonly stepPath: string;
}

export interface Day {
  readonly turns: readonly Turn[];
  readonly endsMin: number;
  readonly overMin: number;
  readonly late: readonly string[];
  readonly pressIdleMin: number;
}

export const firesQuery = queryOptions({
  queryKey: ['fires'],
  queryFn: () => get<FireLine[]>('/api/v1/fires'),
});

export const heatsQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['heats', billetId],
    queryFn: () => get<HeatLine[]>(`/api/v1/billets/${billetId}/heats`),
  });

export const heatPlanQuery = (billetId: number, step: string) =>
  queryOptions({
    queryKey: ['heatPlan', billetId, step],
    queryFn: () => get<HeatPlan>(`/api/v1/billets/${billetId}/heat-plan?step=${encodeURIComponent(step)}`),
  });

export const dayQuery = (billets: readonly Chosen[], places: number, fromMin: number, toMin: number) =>
  queryOptions({
    queryKey: ['day', billets, places, fromMin, toMin],
    queryFn: () => change<Day>('POST', '/api/v1/fires/day', { billets, places, fromMin, toMin }),
    enabled: billets.length > 0,
  });

export const startFire = (billets: readonly Chosen[], rehearsal: boolean, speed: number) =>
  change<{ id: number }>('POST', '/api/v1/fires', { billets, rehearsal, speed });
export const endFire = (id: number) => change('POST', `/api/v1/fires/${id}/end`);
export const takeReadings = (id: number, csv: string) =>
  sendText<{ lines: number }>(`/api/v1/fires/${id}/readings`, 'text/csv', csv);
export const reopenFire = (id: number) => change('POST', `/api/v1/fires/${id}/reopen`);

export const ACT_WORDS: Record<Act, string> = {
  FUEL: 'Fuel bath',
  IN: 'In',
  FLUX: 'Flux',
  TURN: 'Turned',
  OUT: 'Out',
  SQUEEZE: 'Squeeze',
  LET_GO: 'Ram up',
  BRUSH: 'Brushed',
  LOOK: 'Looked',
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
export const heatWords = (h: HeatLine) => h.title + (h.next ? ', next' : h.made > 0 ? ', in the Book' : '');
