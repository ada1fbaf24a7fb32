import * as texts from 'texts/book/api';
import type { Schemas, Sent } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api, asItIs, everyPage, once } from '../../lib/http';

export type WeldOutcome = 'HELD' | 'SUSPECT' | 'OPEN';

export type Weld = Schemas['BookWeldView'];

/** How a weld was made; null is what no one knows. */
export type HowMade = Schemas['WeldConditions'];

export type NewWeld = Sent['BilletWeldNewWeld'];

export const bookQuery = queryOptions({
  queryKey: ['book'],
  queryFn: () => everyPage((query) => api.GET('/api/v1/book', { params: { query } })),
});

export const logWeld = (billetId: number, weld: NewWeld, requestId: string) =>
  answered(
    api.POST('/api/v1/billets/{id}/welds', {
      params: { path: { id: billetId } },
      body: weld,
      headers: once(requestId),
    }),
  );

export const deleteWeld = (id: number) =>
  answered(api.POST('/api/v1/welds/{id}/delete', { params: { path: { id } } }));
export const restoreWeld = (id: number) =>
  answered(api.POST('/api/v1/welds/{id}/restore', { params: { path: { id } } }));

export const OUTCOME_WORDS: Record<WeldOutcome, string> = {
  HELD: texts.sound,
  SUSPECT: texts.suspect,
  OPEN: texts.delaminated,
};

export type Way =
  'HOT_SHADOW' | 'SPARKS' | 'TAP' | 'GROUND_EDGE' | 'ETCHED_END' | 'COUPON' | 'BEND' | 'WHEELED';

/** How a bar is looked at, and what that can find. */
export const WAY_WORDS: Record<Way, readonly [name: string, finds: string]> = {
  HOT_SHADOW: [texts.hotShadow, texts.whileItIsHotFindsLarge],
  SPARKS: [texts.sparksAtAJoint, texts.underTheHammerShowsAirIn],
  TAP: [texts.tap, texts.coldADullRingMeansA],
  GROUND_EDGE: [texts.groundEdge, texts.coldFindsJointsOpenAtThe],
  ETCHED_END: [texts.etchedEnd, texts.coldFindsWhatReachesTheEnd],
  COUPON: [texts.couponDrawnThin, texts.findsWhatOpensWhenDrawnOut],
  BEND: [texts.bendOrBreak, texts.brightWeldedDarkNotWeldedIn],
  WHEELED: [texts.facesGroundFlat, texts.coldFindsWhatReachesAFace],
};

export type FlawKind = 'SEAM' | 'COLD_SHUT' | 'INCLUSION' | 'BLISTER' | 'CRACK';

export const FLAW_WORDS: Record<FlawKind, string> = {
  SEAM: texts.delamination,
  COLD_SHUT: texts.coldShut,
  INCLUSION: texts.slagOrScaleInclusion,
  BLISTER: texts.blister,
  CRACK: texts.crack,
};

/** A box in one bar, mm: x from the bench stop, y from the left edge, z from the underside. */
export type Spot = Schemas['FlawSpot'];

export type Flaw = Schemas['Flaw'];

export type Looked = Schemas['FlawInspection'];

export type FigureMade = Schemas['AsmadePatternMadeFigureMade'];

export type GroundMade = Schemas['AsmadePatternMadeGroundMade'];

export type Decision = 'TRIM' | 'GRIND' | 'REWELD' | 'WATCH' | 'SET_ASIDE' | 'SCRAP';

export const DECISION_WORDS: Record<Decision, string> = {
  TRIM: texts.trimmedOff,
  GRIND: texts.groundOut,
  REWELD: texts.cleanedFluxedAndWeldedAgain,
  WATCH: texts.watched,
  SET_ASIDE: texts.setAside,
  SCRAP: texts.scrapped,
};

export type Disposition = Schemas['FlawDisposition'];

export type MeasuredBar = Sent['BookEntryBodyMeasuredBar'];

export type TreatmentKind = 'NORMALIZED' | 'HARDENED' | 'TESTED' | 'TEMPERED' | 'ETCHED';

export const TREATMENT_WORDS: Record<TreatmentKind, string> = {
  NORMALIZED: texts.normalized,
  HARDENED: texts.hardened,
  TESTED: texts.hardnessTested,
  TEMPERED: texts.tempered,
  ETCHED: texts.etched,
};

export const FILE_WORDS = {
  SKATES: texts.fileSkates,
  BITES_A_LITTLE: texts.fileBitesALittle,
  BITES: texts.fileBites,
} as const;

export type Treatment = Schemas['HardeningTreatment'];

/** What an entry says: one of these is there. */
export type Says = Partial<Omit<Schemas['BookEntryBody'], 'measured'>> & {
  readonly measured?: MeasuredBar | null;
};

export type Photo = Schemas['BookEntryViewPhotoView'];

/** What is written in the Book beside the welds. */
export type Entry = Schemas['BookEntryView'];

export const entriesQuery = queryOptions({
  queryKey: ['book', 'entries'],
  queryFn: () => everyPage((query) => api.GET('/api/v1/book/entries', { params: { query } })),
});

export const billetEntriesQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['billet', billetId, 'entries'],
    queryFn: () => answered(api.GET('/api/v1/billets/{id}/entries', { params: { path: { id: billetId } } })),
  });

export const writeEntry = (billetId: number, says: Says, requestId: string) =>
  answered(
    api.POST('/api/v1/billets/{id}/entries', {
      params: { path: { id: billetId } },
      body: says,
      headers: once(requestId),
    }),
  );

export const changeEntry = (id: number, version: number, says: Says) =>
  answered(api.PUT('/api/v1/book/entries/{id}', { params: { path: { id } }, body: { version, says } }));

export const deleteEntry = (id: number) =>
  answered(api.POST('/api/v1/book/entries/{id}/delete', { params: { path: { id } } }));
export const restoreEntry = (id: number) =>
  answered(api.POST('/api/v1/book/entries/{id}/restore', { params: { path: { id } } }));

export const addPhoto = (entryId: number, file: File) =>
  answered(
    api.POST('/api/v1/book/entries/{id}/photos', {
      params: { path: { id: entryId } },
      body: file as unknown as string,
      ...asItIs(file.type),
    }),
  );

export const changeWeld = (
  id: number,
  weld: Pick<Weld, 'version' | 'madeAt' | 'temperatureC' | 'protection' | 'outcome' | 'note' | 'how'>,
) => answered(api.PUT('/api/v1/welds/{id}', { params: { path: { id } }, body: weld }));

export const weldBeforeQuery = (id: number) =>
  queryOptions({
    queryKey: ['book', 'weld-before', id],
    queryFn: () => answered(api.GET('/api/v1/welds/{id}/history', { params: { path: { id } } })),
  });

export const entryBeforeQuery = (id: number) =>
  queryOptions({
    queryKey: ['book', 'entry-before', id],
    queryFn: () => answered(api.GET('/api/v1/book/entries/{id}/history', { params: { path: { id } } })),
  });
