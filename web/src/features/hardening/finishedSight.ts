import type { Billet } from '../billet/api';
import type { Pane, Sight } from '../picture/api';

const SKIN_MM = 0.5;
const LONGEST_MM = 240;

/** The face of the finished bar, ground clean, and its end, as pictures are asked for; a long bar in part. */
export function finishedSight(billet: Billet): { sight: Sight; pane: Pane; end: Sight; endPane: Pane } {
  const stage = billet.run.stages.length - 1;
  const end = billet.run.stages[stage];
  const heightMm = end?.section.heightMm ?? 1;
  const common = { plan: billet.plan, path: '', stage, bar: 0 };
  return {
    end: {
      ...common,
      relief: false,
      look: { from: 'END', atMm: (end?.lengthMm ?? 1) / 2, acrossMm: 0, blade: null },
    },
    endPane: { leftMm: 0, lowMm: 0, widthMm: end?.widthMm ?? 1, heightMm },
    sight: {
      ...common,
      relief: true,
      look: { from: 'FACE', atMm: Math.min(SKIN_MM, heightMm / 4), acrossMm: 0, blade: null },
    },
    pane: {
      leftMm: 0,
      lowMm: 0,
      widthMm: Math.min(LONGEST_MM, end?.lengthMm ?? 1),
      heightMm: end?.widthMm ?? 1,
    },
  };
}
