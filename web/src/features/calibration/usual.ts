import type { Calibration } from './api';

/** A shop that has learned nothing yet. */
export const NOTHING_LEARNED: Calibration = {
  row: null,
  heats: 0,
  calibratedAt: null,
  wasReset: false,
  planHeats: 0,
  inPlans: true,
  used: false,
  figures: [],
};
