import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api, asItIs } from '../../lib/http';

/** A line on a picture, as shares of its width and height from the top left corner. */
export type CountLine = Schemas['CountedLayersCountedCountLine'];

/** A place on a picture, likewise. */
export type Place = Schemas['PhotographMeasurePlace'];

export type Counted = Schemas['PhotographCountCountView'];

export type Pieces = Schemas['PhotographMeasureMeasuredView'];

export type Piece = Schemas['PhotographMeasurePieceView'];

export type Fitted = Schemas['PhotographPatternFitFittedView'];

export type FittedFigure = Schemas['PhotographPatternFitFigureView'];

export type DarkLine = Schemas['PhotographDarkLinesDarkLineView'];

/** A face of a bar as it is photographed. */
export type Face = 'END' | 'SIDE' | 'TOP';

const sent = (photograph: File, signal: AbortSignal) => ({
  body: photograph as unknown as string,
  signal,
  ...asItIs(photograph.type),
});

/** Places as they are sent. */
const shares = (places: readonly Place[]) => places.map((at) => `${at.x},${at.y}`).join(',');

/** Counts the layers in a photograph, along a line or along one that is found. */
export const countLayers = (photograph: File, line: CountLine | null, signal: AbortSignal) =>
  answered(
    api.POST('/api/v1/photographs/count', {
      params: { query: line ? { line: [line.x1, line.y1, line.x2, line.y2].join(',') } : {} },
      ...sent(photograph, signal),
    }),
  );

/** A length that is known in a photograph without a gauge card: between marks, or a side of the largest piece. */
export type Known = { readonly mm: number } & (
  { readonly of: 'MARKS'; readonly marks: readonly Place[] } | { readonly of: 'LONGER' | 'SHORTER' }
);

const asQuery = (known: Known) =>
  known.of === 'MARKS'
    ? { rule: shares(known.marks), apartMm: known.mm }
    : { side: known.of, sideMm: known.mm };

/** Measures what is beside a gauge card, or by a length that is known. */
export const measurePieces = (photograph: File, known: Known | null, signal: AbortSignal) =>
  answered(
    api.POST('/api/v1/photographs/measure', {
      params: { query: known ? asQuery(known) : {} },
      ...sent(photograph, signal),
    }),
  );

/** Searches the figures of a plan with which a broad face looks most like its photograph. */
export const fitPattern = (
  photograph: File,
  of: {
    readonly billetId: number;
    readonly step: string;
    readonly bar: number;
    readonly under: boolean;
    readonly depthMm: number;
    readonly corners: readonly Place[];
  },
  signal: AbortSignal,
) =>
  answered(
    api.POST('/api/v1/billets/{id}/pattern-fit', {
      params: {
        path: { id: of.billetId },
        query: {
          step: of.step,
          bar: of.bar,
          under: of.under,
          depthMm: of.depthMm,
          corners: shares(of.corners),
        },
      },
      ...sent(photograph, signal),
    }),
  );

/** Finds dark lines along the joints of a face. */
export const findDarkLines = (
  photograph: File,
  of: {
    readonly billetId: number;
    readonly step: string;
    readonly bar: number;
    readonly face: Face;
    readonly isGlowing: boolean;
    readonly corners: readonly Place[];
  },
  signal: AbortSignal,
) =>
  answered(
    api.POST('/api/v1/billets/{id}/dark-lines', {
      params: {
        path: { id: of.billetId },
        query: {
          step: of.step,
          bar: of.bar,
          face: of.face,
          look: of.isGlowing ? 'GLOWING' : 'ETCHED',
          corners: shares(of.corners),
        },
      },
      ...sent(photograph, signal),
    }),
  );

/** A count beside the plan's, with what may explain a difference. */
export const besidePlanQuery = (
  id: number,
  step: string,
  found: { readonly count: number; readonly low: number; readonly high: number },
) =>
  queryOptions({
    queryKey: ['billet', id, 'count', step, found],
    queryFn: () =>
      answered(
        api.GET('/api/v1/billets/{id}/count', { params: { path: { id }, query: { step, ...found } } }),
      ),
  });
