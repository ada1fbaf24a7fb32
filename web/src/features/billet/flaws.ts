import * as texts from 'texts/billet/flaws';
import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';
import { onStep, rulerStepMm, type Units } from '../../units';
import type { Decision, Spot, Weld } from '../book/api';
import type { Stage } from './api';
import type { Operation } from './plan';

/** Flaws of a billet, where they are now and what can be done about them. No React in here. */

export type FlawAt = Schemas['FlawTrackerAt'];

export type FlawState = 'OPEN' | 'WATCHED' | 'WELDED_AGAIN' | 'HELD' | 'ASIDE' | 'GONE' | 'LOST';

export const STATE_WORDS: Record<FlawState, string> = {
  OPEN: texts.inTheBar,
  WATCHED: texts.watched,
  WELDED_AGAIN: texts.weldedAgainInspectAgain,
  HELD: texts.soundSince,
  ASIDE: texts.inABarSetAside,
  GONE: texts.removedWithItsSteel,
  LOST: texts.itsStepWasRemovedFromThe,
};

export type FlawView = Schemas['BilletFlawView'];

export const flawsQuery = (billetId: number) =>
  queryOptions({
    queryKey: ['billet', billetId, 'flaws'],
    queryFn: () => answered(api.GET('/api/v1/billets/{id}/flaws', { params: { path: { id: billetId } } })),
  });

export const seamsQuery = (billetId: number, step: string) =>
  queryOptions({
    queryKey: ['billet', billetId, 'seams', step],
    queryFn: () =>
      answered(
        api.GET('/api/v1/billets/{id}/seams', { params: { path: { id: billetId }, query: { step } } }),
      ),
  });

/** The session that made a weld last; null where that was typed, or it is not made yet. */
export const sessionThatMade = (
  welds: readonly Pick<Weld, 'stepKey' | 'madeAt' | 'fireSession'>[],
  step: string,
): number | null =>
  welds.filter((w) => w.stepKey === step).toSorted((a, b) => b.madeAt.localeCompare(a.madeAt))[0]
    ?.fireSession ?? null;

/** The flaws of one stage, each with where it is there. */
export const flawsAt = (flaws: readonly FlawView[], part: string, stage: number) =>
  flaws.flatMap((view) =>
    view.places
      .filter((p) => p.part === part && p.stage === stage && !p.aside)
      .map((place) => ({ view, spot: place.spot })),
  );

/** Steel left beyond a flaw when it is cut out, mm. */
const BEYOND_MM = 2;

/** Heats of welding over again. */
const AGAIN_HEATS = 2;

/** A way out of a flaw: what is decided, and the step that does it. */
export interface WayOut {
  readonly decision: Decision;
  /** What is lost or done, in a few words; lengths as marks. */
  readonly words: string;
  readonly operation: Operation;
}

const mm = (value: number) => `[[mm ${value.toFixed(4)}]]`;
/** The ways out of a flaw that is there, the least loss of each kind. */
export function waysOut(
  spot: Spot,
  stage: Stage,
  weld: Extract<Operation, { kind: 'set' }>,
  units: Units,
): WayOut[] {
  // Up, so that nothing of it is left.
  const rounded = (mm: number) => onStep(mm, rulerStepMm(units), Math.ceil);
  const ways: WayOut[] = [];
  const front = rounded(spot.toXMm + BEYOND_MM);
  const back = rounded(stage.lengthMm - spot.fromXMm + BEYOND_MM);
  if (Math.min(front, back) < stage.lengthMm / 2) {
    const atFront = front <= back;
    ways.push({
      decision: 'TRIM',
      words: texts.trimOffThe({ mm: mm(Math.min(front, back)), value: atFront ? 'front' : 'back' }),
      operation: { kind: 'trim', frontMm: atFront ? front : 0, backMm: atFront ? 0 : back, sidesMm: 0 },
    });
  }
  const solidMm = stage.heightMm * stage.fill;
  const bottom = rounded(spot.toZMm + 0.2);
  const top = rounded(solidMm - spot.fromZMm + 0.2);
  const side = rounded(Math.min(spot.toYMm, stage.widthMm - spot.fromYMm) + 0.2);
  const face = Math.min(bottom, top);
  if (side <= face && 2 * side < stage.widthMm / 2) {
    ways.push({
      decision: 'GRIND',
      words: texts.grindOffEachEdge({ side: mm(side) }),
      operation: { kind: 'trim', frontMm: 0, backMm: 0, sidesMm: side },
    });
  } else if (face < solidMm / 2) {
    ways.push({
      decision: 'GRIND',
      words: texts.grindOffThe({ face: mm(face), value: bottom <= top ? 'underside' : 'top' }),
      operation: { kind: 'grind', bottomMm: bottom <= top ? face : 0, topMm: bottom <= top ? 0 : face },
    });
  }
  ways.push({
    decision: 'REWELD',
    words: texts.cleanFluxAndWeldAgainHeats({ AGAINHEATS: AGAIN_HEATS }),
    operation: { ...weld, heats: AGAIN_HEATS, reduction: 0.04, protection: 'BORAX' },
  });
  ways.push({ decision: 'WATCH', words: texts.watchInspectAgainHere, operation: { kind: 'watch' } });
  const bar = spot.bar + 1;
  if (stage.count > 1) {
    ways.push({
      decision: 'SET_ASIDE',
      words: texts.setBarAside({ bar }),
      operation: { kind: 'aside', pieces: 1, lengthMm: 0, kerfMm: 0, which: [bar] },
    });
  }
  ways.push({
    decision: 'SCRAP',
    words: stage.count > 1 ? texts.scrapBar({ bar }) : texts.scrapTheBar,
    operation: { kind: 'scrap', which: [bar] },
  });
  return ways;
}

/** Where on a bar's side a flaw is drawn: from the left and from the top of its box. */
export function flawBox(
  spot: Spot,
  stage: Stage,
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
) {
  const perX = box.width / stage.lengthMm;
  const perZ = box.height / (stage.heightMm * stage.fill);
  return {
    x: box.x + spot.fromXMm * perX,
    y: box.y + box.height - spot.toZMm * perZ,
    width: Math.max(3, (spot.toXMm - spot.fromXMm) * perX),
    height: (spot.toZMm - spot.fromZMm) * perZ,
  };
}
