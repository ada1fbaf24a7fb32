import type { BilletOnRack } from '../billet/api';

/** What a billet waits for, in the words said across the shop. */
export function waitsFor({ progress, stops, willFail }: BilletOnRack): string {
  const { weldsMade, weldsPlanned, nextWeld } = progress;
  if (stops) return 'The plan is not complete';
  if (weldsPlanned === 0) return 'No weld planned yet';
  if (progress.flawKind === 'OPEN') return 'Repair first';
  if (progress.flawKind === 'SUSPECT') return 'Inspect first';
  if (nextWeld === null) return 'All welds done';
  if (weldsMade === 0) return willFail > 0 ? 'Not started. The plan has an error.' : 'Next: weld 1';
  return `Next: weld ${weldsMade + 1} of ${weldsPlanned}`;
}
