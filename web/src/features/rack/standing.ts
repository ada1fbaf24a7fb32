import type { BilletOnRack } from '../billet/api';

/** What a billet waits for, in the words said across the shop. */
export function waitsFor({ standing, stops, willFail }: BilletOnRack): string {
  const { weldsMade, weldsPlanned, nextWeld } = standing;
  if (stops) return 'the plan cannot be worked through yet';
  if (weldsPlanned === 0) return 'no weld planned yet';
  if (standing.flawKind === 'OPEN') return 'wants mending before it goes on';
  if (standing.flawKind === 'SUSPECT') return 'wants a closer look before it goes on';
  if (nextWeld === null) return 'every weld is made';
  if (weldsMade === 0) return willFail > 0 ? 'not started; the plan will fail as it is' : 'not started';
  return `waits for weld ${weldsMade + 1} of ${weldsPlanned}`;
}
