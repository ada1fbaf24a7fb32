import { queryOptions } from '@tanstack/react-query';
import { change, get, sendFile } from '../../lib/http';
import type { Measured, OxygenSchool } from '../billet/plan';

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
  readonly how: HowMade;
  readonly version: number;
  /** The session at the fire that wrote it, null where it was typed. */
  readonly fireSession: number | null;
  readonly madeBy: string;
}

/** How a weld was made; null is what nobody knows. */
export interface HowMade {
  readonly floorC: number | null;
  readonly ceilingC: number | null;
  readonly soakMin: number | null;
  readonly neededSoakMin: number | null;
  readonly waitedS: number | null;
  readonly workingS: number | null;
  readonly heats: number | null;
  readonly forceKn: number | null;
  readonly reduction: number | null;
  readonly joints: number;
  readonly later: boolean;
}

export interface NewWeld {
  readonly stepKey: string;
  readonly temperatureC: number;
  readonly school: OxygenSchool;
  readonly outcome: WeldOutcome;
  readonly note: string;
  readonly how?: HowMade;
}

export const bookQuery = queryOptions({ queryKey: ['book'], queryFn: () => get<Weld[]>('/api/v1/book') });

export const logWeld = (billetId: number, weld: NewWeld, requestId: string) =>
  change<Weld>('POST', `/api/v1/billets/${billetId}/welds`, weld, requestId);

export const strikeWeld = (id: number) => change('POST', `/api/v1/welds/${id}/strike`);
export const unstrikeWeld = (id: number) => change('POST', `/api/v1/welds/${id}/unstrike`);

export const OUTCOME_WORDS: Record<WeldOutcome, string> = {
  HELD: 'held',
  SUSPECT: 'suspect',
  OPEN: 'open',
};

export type Way =
  'HOT_SHADOW' | 'SPARKS' | 'TAP' | 'GROUND_EDGE' | 'ETCHED_END' | 'COUPON' | 'BEND' | 'WHEELED';

/** How a bar is looked at, and what that can find. */
export const WAY_WORDS: Record<Way, readonly [name: string, tells: string]> = {
  HOT_SHADOW: ['hot shadow', 'while it is hot; finds large open places'],
  SPARKS: ['sparks at a seam', 'under the hammer; finds air in a seam'],
  TAP: ['tap', 'cold; a dull ring says something is open, not where'],
  GROUND_EDGE: ['ground edge', 'cold; finds seams that reach the edge'],
  ETCHED_END: ['etched end', 'cold; finds what reaches the end'],
  COUPON: ['coupon drawn thin', 'finds what opens under more work, in that end only'],
  BEND: ['bend or break', 'bright welded, dark did not; in that piece only'],
  WHEELED: ['faces wheeled flat', 'cold; finds what reaches a face'],
};

export type FlawKind = 'SEAM' | 'COLD_SHUT' | 'INCLUSION' | 'BLISTER' | 'CRACK';

export const FLAW_WORDS: Record<FlawKind, string> = {
  SEAM: 'open seam',
  COLD_SHUT: 'cold shut',
  INCLUSION: 'flux or scale inside',
  BLISTER: 'blister',
  CRACK: 'crack',
};

/** A box in one bar, mm: x from the bench stop, y from the left edge, z from the underside. */
export interface Spot {
  readonly bar: number;
  readonly fromXMm: number;
  readonly toXMm: number;
  readonly fromYMm: number;
  readonly toYMm: number;
  readonly fromZMm: number;
  readonly toZMm: number;
}

export interface Flaw {
  readonly id: string;
  readonly kind: FlawKind;
  readonly state: 'OPEN' | 'SUSPECT';
  readonly joint: number | null;
  readonly spot: Spot;
  readonly note: string;
}

export interface Looked {
  readonly stepKey: string;
  readonly at: string;
  readonly ways: readonly Way[];
  readonly brightShare: number | null;
  readonly flaws: readonly Flaw[];
  readonly note: string;
}

export type Decision = 'TRIM' | 'GRIND' | 'REWELD' | 'WATCH' | 'SET_ASIDE' | 'SCRAP';

export const DECISION_WORDS: Record<Decision, string> = {
  TRIM: 'trimmed off',
  GRIND: 'ground out',
  REWELD: 'cleaned, fluxed and welded again',
  WATCH: 'watched',
  SET_ASIDE: 'set aside',
  SCRAP: 'given up',
};

export interface Decided {
  readonly flawId: string;
  readonly decision: Decision;
  readonly stepKey: string | null;
  readonly at: string;
  readonly note: string;
}

export interface MeasuredBar {
  readonly stepKey: string;
  readonly at: string;
  readonly sizes: Measured;
  readonly note: string;
}

export type TreatmentKind = 'NORMALIZED' | 'HARDENED' | 'TESTED' | 'TEMPERED' | 'ETCHED';

export const TREATMENT_WORDS: Record<TreatmentKind, string> = {
  NORMALIZED: 'normalized',
  HARDENED: 'hardened',
  TESTED: 'hardness tested',
  TEMPERED: 'tempered',
  ETCHED: 'etched',
};

export const FILE_WORDS = {
  SKATES: 'a file skates',
  BITES_A_LITTLE: 'a file bites a little',
  BITES: 'a file bites',
} as const;

export interface Treatment {
  readonly kind: TreatmentKind;
  readonly at: string;
  readonly temperatureC: number | null;
  readonly minutes: number | null;
  readonly cycles: number | null;
  readonly medium: string;
  readonly hrc: readonly number[];
  readonly file: keyof typeof FILE_WORDS | null;
  readonly note: string;
}

/** What an entry says: one of these is there. */
export interface Says {
  readonly looked?: Looked | null;
  readonly decided?: Decided | null;
  readonly measured?: MeasuredBar | null;
  readonly treated?: Treatment | null;
}

export interface Photo {
  readonly id: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** What is written in the Book beside the welds. */
export interface Entry {
  readonly id: number;
  readonly billetId: number;
  readonly billetName: string;
  readonly kind: 'LOOKED' | 'DECIDED' | 'MEASURED' | 'TREATED';
  readonly stepKey: string | null;
  readonly stepTitle: string;
  readonly at: string;
  readonly says: Says;
  readonly version: number;
  readonly madeBy: string;
  readonly photos: readonly Photo[];
}

/** How something stood before it was changed. */
export interface Before<T> {
  readonly version: number;
  readonly was: T;
  readonly changedBy: string;
  readonly changedAt: string;
}

export const entriesQuery = queryOptions({
  queryKey: ['book', 'entries'],
  queryFn: () => get<Entry[]>('/api/v1/book/entries'),
});

export const billetEntriesQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['billet', billetId, 'entries'],
    queryFn: () => get<Entry[]>(`/api/v1/billets/${billetId}/entries`),
  });

export const writeEntry = (billetId: number, says: Says, requestId: string) =>
  change<Entry>('POST', `/api/v1/billets/${billetId}/entries`, says, requestId);

export const changeEntry = (id: number, version: number, says: Says) =>
  change<Entry>('PUT', `/api/v1/book/entries/${id}`, { version, says });

export const strikeEntry = (id: number) => change('POST', `/api/v1/book/entries/${id}/strike`);
export const unstrikeEntry = (id: number) => change('POST', `/api/v1/book/entries/${id}/unstrike`);

export const addPhoto = (entryId: number, file: File) =>
  sendFile<Entry>(`/api/v1/book/entries/${entryId}/photos`, file);

export const changeWeld = (
  id: number,
  weld: Pick<Weld, 'version' | 'madeAt' | 'temperatureC' | 'school' | 'outcome' | 'note' | 'how'>,
) => change<Weld>('PUT', `/api/v1/welds/${id}`, weld);

export const weldBeforeQuery = (id: number) =>
  queryOptions({
    queryKey: ['book', 'weld-before', id],
    queryFn: () => get<Before<Weld>[]>(`/api/v1/welds/${id}/before`),
  });

export const entryBeforeQuery = (id: number) =>
  queryOptions({
    queryKey: ['book', 'entry-before', id],
    queryFn: () => get<Before<Entry>[]>(`/api/v1/book/entries/${id}/before`),
  });
