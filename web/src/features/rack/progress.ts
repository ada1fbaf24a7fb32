import * as texts from 'texts/rack/progress';
import type { BilletOnRack } from '../billet/api';

/** What a billet waits for, in the words said across the shop. */
export function waitsFor({ progress, stops, willFail }: BilletOnRack): string {
  const { weldsMade, weldsPlanned, nextWeld } = progress;
  if (stops) return texts.thePlanIsNotComplete;
  if (weldsPlanned === 0) return texts.noWeldPlannedYet;
  if (progress.flawKind === 'OPEN') return texts.repairFirst;
  if (progress.flawKind === 'SUSPECT') return texts.inspectFirst;
  if (nextWeld === null) return texts.allWeldsDone;
  if (weldsMade === 0) return willFail > 0 ? texts.notStartedThePlanHasAn : texts.nextWeld1;
  return texts.nextWeldOf({ value: weldsMade + 1, weldsPlanned });
}
