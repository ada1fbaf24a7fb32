import { queryOptions } from '@tanstack/react-query';
import { change } from '../../lib/http';
import type { OxygenSchool } from '../billet/plan';
import type { Heats } from '../steel/api';

export type Role = 'MIXED' | 'EDGE' | 'CLADDING' | 'SHEET';
export type Weight = 'STOP' | 'CONDITION' | 'NOTE';
export type Grade = 'EXCELLENT' | 'VERY_GOOD' | 'GOOD' | 'SKILLED' | 'POOR' | 'STOP';

export interface Member {
  readonly steel: string;
  readonly role: Role;
}

export interface Question {
  readonly members: readonly Member[];
  readonly process: OxygenSchool;
  readonly cuttingEdge: boolean;
  /** Temper that hardness is told for, °C. */
  readonly temperC: number;
}

export interface Reason {
  readonly id: string;
  readonly weight: Weight;
  readonly hazard: boolean;
  readonly steels: readonly string[];
  readonly what: string;
  readonly why: string;
  readonly mend: string;
}

export interface Verdict {
  readonly word: string;
  readonly verdict: {
    readonly grade: Grade;
    readonly score: number;
    readonly reasons: readonly Reason[];
    readonly weld: Heats | null;
    readonly hardening: Heats | null;
    readonly quench: string | null;
    readonly quenchSteps: number;
    readonly msApartC: number;
    readonly strainPercent: number;
    readonly toneApart: number;
    readonly meanCarbon: number | null;
    readonly hardness: {
      readonly layeredHrc: number | null;
      readonly evenedHrc: number | null;
      readonly temperC: number;
    } | null;
  };
}

/** Two steels of the map. */
export interface Cell {
  readonly a: string;
  readonly b: string;
  readonly grade: Grade;
  readonly word: string;
  readonly score: number;
  readonly tone: number;
  /** The weightiest thing found. */
  readonly first: string;
}

export const verdictQuery = (question: Question) =>
  queryOptions({
    queryKey: ['pair', question],
    queryFn: () => change<Verdict>('POST', '/api/v1/pairs', question),
    enabled: question.members.length >= 2,
    placeholderData: (before) => before,
    staleTime: Infinity,
  });

export const mapQuery = (steels: readonly string[], process: OxygenSchool) =>
  queryOptions({
    queryKey: ['pair-map', steels, process],
    queryFn: () => change<Cell[]>('POST', '/api/v1/pairs/map', { steels, process }),
    enabled: steels.length >= 2,
    placeholderData: (before) => before,
    staleTime: Infinity,
  });

export const ROLE_WORDS: Record<Role, string> = {
  MIXED: 'in the pattern',
  EDGE: 'core, the edge',
  CLADDING: 'sides',
  SHEET: 'sheet between',
};
