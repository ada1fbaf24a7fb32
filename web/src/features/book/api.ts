import { queryOptions } from '@tanstack/react-query';
import { change, get } from '../../lib/http';
import type { OxygenSchool } from '../billet/plan';

export type WeldOutcome = 'HELD' | 'SUSPECT' | 'OPEN';

export interface Weld {
  readonly id: number;
  readonly billetId: number;
  readonly billetName: string;
  readonly stepKey: string;
  readonly stepTitle: string;
  readonly madeAt: string;
  readonly temperatureC: number;
  readonly school: OxygenSchool;
  readonly outcome: WeldOutcome;
  readonly note: string;
  /** The session at the fire that wrote it, null where it was typed. */
  readonly fireSession: number | null;
  readonly madeBy: string;
}

export interface NewWeld {
  readonly stepKey: string;
  readonly temperatureC: number;
  readonly school: OxygenSchool;
  readonly outcome: WeldOutcome;
  readonly note: string;
}

export const bookQuery = queryOptions({ queryKey: ['book'], queryFn: () => get<Weld[]>('/api/book') });

export const logWeld = (billetId: number, weld: NewWeld) =>
  change<Weld>('POST', `/api/billets/${billetId}/welds`, weld);

export const strikeWeld = (id: number) => change('POST', `/api/welds/${id}/strike`);
export const unstrikeWeld = (id: number) => change('POST', `/api/welds/${id}/unstrike`);

export const OUTCOME_WORDS: Record<WeldOutcome, string> = {
  HELD: 'held',
  SUSPECT: 'suspect',
  OPEN: 'open',
};
