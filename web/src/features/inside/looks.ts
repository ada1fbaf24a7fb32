import { isFlat } from '../../figures/section';
import type { Stage } from '../billet/api';
import type { Blade, From, Look } from '../picture/api';

/** Looks at a bar to begin with. No React in here. */

/** A blade that fits a bar: as a smith would first lay one on it. */
export function bladeFor(stage: Stage, metric: boolean): Blade {
  // Half millimetres or thirty-seconds of an inch, each the number nearest to it.
  const per = metric ? { n: 1, mm: 2 } : { n: 254, mm: 320 };
  const round = (mm: number) => (Math.max(1, Math.floor((mm * per.mm) / per.n + 1e-9)) * per.n) / per.mm;
  const widthMm = round(Math.min(28.6, stage.widthMm * 0.92));
  return {
    kind: 'blade',
    profile: 'DROP',
    lengthMm: round(Math.min(152.4, stage.lengthMm * 0.9)),
    widthMm,
    spineMm: round(Math.min(4, stage.heightMm * stage.fill * 0.9)),
    edgeMm: round(0),
    bevelMm: round(widthMm * 0.75),
    taper: 0.3,
    tangMm: 0,
  };
}

/** The same bar from somewhere else, in the middle of it. */
export function lookFrom(from: From, stage: Stage, metric: boolean, before: Look | null): Look {
  const blade = stage.form === 'BLADE' ? null : (before?.blade ?? bladeFor(stage, metric));
  switch (from) {
    case 'END':
      return { from, atMm: stage.lengthMm / 2, acrossMm: 0, blade };
    case 'ALONG':
      return { from, atMm: stage.widthMm / 2, acrossMm: 0, blade };
    case 'BLADE':
      return {
        from,
        atMm: blade ? Math.max(0, (stage.lengthMm - blade.lengthMm) / 2) : 0,
        acrossMm: blade ? Math.max(0, (stage.widthMm - blade.widthMm) / 2) : 0,
        blade,
      };
    default:
      return { from, atMm: 0, acrossMm: 0, blade };
  }
}

/** What the server is asked for: a blade only where one is looked at. */
export const asked = (look: Look): Look => (look.from === 'BLADE' ? look : { ...look, blade: null });

/** Where a stage is best looked at first: the face of flat layers is one steel all over. */
export const firstLook = (stage: Stage, metric: boolean): Look =>
  lookFrom(stage.form === 'BLADE' ? 'BLADE' : isFlat(stage.section) ? 'END' : 'FACE', stage, metric, null);
