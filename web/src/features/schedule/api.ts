import type { Schemas } from '../../lib/api';
import { answered, api, eachLine } from '../../lib/http';
import type { Piece } from '../billet/plan';

export type Counted = 'VISIBLE' | 'SHOP';
export type Layout = 'PLAIN' | 'DOUBLED' | 'THICK_OUTSIDES';
export type Limit =
  | 'TALLEST'
  | 'LONGEST'
  | 'HEAVIEST'
  | 'SHORTEST'
  | 'OUTER_LAYER'
  | 'WIDE'
  | 'HIGH'
  | 'COARSE'
  | 'FINEST'
  | 'FORCE'
  | 'LENGTH';

/** What is tried. */
export type Bounds = Schemas['ScheduleBounds'];

/** Limits to keep to; see the core's schedule.Within. */
export type Within = Schemas['ScheduleSearchLimits'];

export type Size = Schemas['ScheduleFinishedBar'];

/** What there is to begin with. */
export type Beginning = Schemas['ScheduleFinderRequestBeginning'];

/** A question; null represents everything, nothing or the shop's own, as the core takes it. */
export type Asked = Schemas['ScheduleFinderRequest'] & {
  readonly core: readonly Piece[];
  readonly bounds: Bounds;
};

/** A stack, a block of bars, or the finished bar. */
export type Shape = Schemas['ScheduleRankedScheduleShape'];

/** Minutes by task. */
export type Work = Schemas['ScheduleTaskMinutes'];

export type Schedule = Schemas['ScheduleView'];

export type Way = Schemas['ScheduleRankedScheduleView'];

export type RuledOut = Schemas['ScheduleSearchLineRuledOutView'];

export type Census = Schemas['ScheduleSearchLineCensusView'];

/** A change of the question that brings a way. */
export type Relaxation = Schemas['ScheduleSearchLineRelaxationView'];

export type Begun = Schemas['ScheduleSearchLineBegun'];

export type Seen = Schemas['ScheduleSearchLineSeen'];

export type Ended = Schemas['ScheduleSearchLineEnded'];

/** It broke off; the problem as an answer of its own would have it. */
export type Failed = Schemas['ScheduleSearchLineFailed'];

type Line = Begun | Seen | Ended | Failed;

export const find = (asked: Asked, signal: AbortSignal, onLine: (line: Line) => void) =>
  eachLine(api.POST('/api/v1/schedules', { body: asked, parseAs: 'stream', signal }), (line) =>
    onLine(line as Line),
  );

export const planOf = (asked: Asked, way: Way) =>
  answered(
    api.POST('/api/v1/schedules/plan', {
      body: {
        asked,
        schedule: way.schedule,
        startMm: way.startMm,
        blockMm: way.blockMm,
      },
    }),
  ).then((r) => r.plan);
