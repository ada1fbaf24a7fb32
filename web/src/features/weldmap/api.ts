import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';
import type { Plan } from '../billet/plan';

export type WeldMap = Schemas['WeldMapView'];
export type Joint = Schemas['WeldMapViewJointView'];
export type Patch = Schemas['WeldMapViewPatchView'];
export type WeldRemedy = Schemas['WeldMapWeldRemedyView'];

/** Where a weld of a plan bonds; the step by the names of its parts and its key. */
export const weldMapQuery = (plan: Plan, step: string) =>
  queryOptions({
    queryKey: ['weld-map', plan, step],
    queryFn: ({ signal }) => answered(api.POST('/api/v1/plans/weld-map', { body: { plan, step }, signal })),
    retry: false,
  });

/** What would make it surer; takes some seconds. */
export const weldRemediesQuery = (plan: Plan, step: string) =>
  queryOptions({
    queryKey: ['weld-remedies', plan, step],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/v1/plans/weld-remedies', { body: { plan, step }, signal })),
    retry: false,
  });

/** A joint's weakest chance at each place along. */
export const alongOf = (joint: Joint, map: WeldMap): readonly number[] =>
  Array.from({ length: map.along }, (_, at) =>
    Math.min(...joint.patches.slice(at * map.across, (at + 1) * map.across).map((p) => p.chance)),
  );

/** Which patch of a joint is the weakest, and which joint of a map. */
export const weakestPatch = (joint: Joint): number =>
  joint.patches.reduce((least, p, i) => (p.chance < (joint.patches[least]?.chance ?? 2) ? i : least), 0);

export const weakestJoint = (map: WeldMap): number =>
  map.joints.reduce((least, j, i) => (j.chance < (map.joints[least]?.chance ?? 2) ? i : least), 0);

/** Where a joint is open: which joint from below, and parts of length and width; null is what is not known. */
export interface OpenPlace {
  readonly joint: number | null;
  readonly along: number | null;
  readonly across: number | null;
}

/** Why a joint of a weld is likely to be open, from the log of the session that made it where there is one. */
export const whyOpenQuery = (plan: Plan, step: string, place: OpenPlace, session: number | null) =>
  queryOptions({
    queryKey: ['why-open', plan, step, place, session],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/v1/plans/why-open', { body: { plan, step, ...place, session }, signal })),
    retry: false,
  });
