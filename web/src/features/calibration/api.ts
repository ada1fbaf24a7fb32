import { queryOptions } from '@tanstack/react-query';
import type { Schemas } from '../../lib/api';
import { answered, api } from '../../lib/http';

/** What the shop has learned from its sessions, and what of it plans are calculated with. */
export type Calibration = Schemas['CalibrationView'];

export type CalibrationFigure = Schemas['CalibrationViewFigureView'];

/** A weld's chance as plans are calculated now, and with what was learned. */
export type WeldEffect = Schemas['WeldmapCalibrationEffectWeldEffect'];

export const calibrationQuery = queryOptions({
  queryKey: ['calibration'],
  queryFn: () => answered(api.GET('/api/v1/shop/calibration')),
});

export const applyToPlans = (row: number) =>
  answered(api.POST('/api/v1/shop/calibration/use', { body: { row } }));

export const undoUse = () => answered(api.POST('/api/v1/shop/calibration/undo-use'));

export const reset = () => answered(api.POST('/api/v1/shop/calibration/reset'));

export const undoReset = () => answered(api.POST('/api/v1/shop/calibration/undo-reset'));

export const effectsOn = (billet: number, row: number, signal: AbortSignal) =>
  answered(
    api.GET('/api/v1/billets/{id}/calibration-effects', {
      params: { path: { id: billet }, query: { row } },
      signal,
    }),
  );
