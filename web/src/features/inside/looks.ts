import type { Stage } from '../billet/api';
import type { Blade, From, Look } from '../picture/api';

/** Looks at a bar to begin with. No React in here. */

/** A blade that fits a bar: as a smith would first lay one on it. */
export function bladeFor(stage: Stage): Blade {
  const round = (mm: number) => Math.round(mm * 10) / 10;
  const widthMm = round(Math.min(28, stage.widthMm * 0.92));
  return {
    kind: 'blade',
    profile: 'DROP',
    lengthMm: round(Math.min(150, stage.lengthMm * 0.9)),
    widthMm,
    spineMm: round(Math.min(4, stage.heightMm * stage.fill * 0.9)),
    edgeMm: 0.4,
    bevelMm: round(widthMm * 0.75),
    taper: 0.3,
    tangMm: 0,
  };
}

/** The same bar from somewhere else, in the middle of it. */
export function lookFrom(from: From, stage: Stage, before: Look | null): Look {
  const blade = stage.form === 'BLADE' ? null : (before?.blade ?? bladeFor(stage));
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

/** Where a stage is best looked at first. */
export const firstLook = (stage: Stage): Look =>
  lookFrom(stage.form === 'BLADE' ? 'BLADE' : 'FACE', stage, null);
