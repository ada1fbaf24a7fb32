import * as texts from 'texts/billet/FindingMark';
import type { Finding, Severity } from './api';

export const SEVERITY_WORDS: Record<Severity, string> = {
  ERROR: texts.error,
  WARNING: texts.warning,
  NOTE: texts.note,
};

const SHAPE: Record<Severity, string> = {
  ERROR: 'M1 3h16l-4 12H5z',
  WARNING: 'M9 2l8 14H1z',
  NOTE: 'M3 8h12v2H3z',
};

/** A finding’s severity by shape: a solid wedge, an open triangle, a dash. */
export function FindingMark({ severity, size = 16 }: { severity: Severity; size?: number }) {
  return (
    <svg viewBox="0 0 18 18" width={size} height={size} aria-hidden className="inline-block shrink-0">
      <path
        d={SHAPE[severity]}
        fill={severity === 'WARNING' ? 'none' : 'currentColor'}
        stroke="currentColor"
        strokeWidth={severity === 'WARNING' ? 1.8 : 0}
      />
    </svg>
  );
}

const ORDER: readonly Severity[] = ['ERROR', 'WARNING', 'NOTE'];

/** The strongest of some findings, for a row's margin; hidden notes leave no mark. */
export const strongest = (findings: readonly Finding[]): Severity | undefined =>
  ORDER.find((s) => findings.some((f) => f.severity === s && !f.hidden));

/** What is shown at a step: notes at the first step of their cause only, errors and warnings at each. */
export const shownAt = (findings: readonly Finding[], stage: number): readonly Finding[] =>
  findings.filter((f) => f.stage === stage && (f.severity !== 'NOTE' || f.stages[0] === stage));

/** Errors and warnings of a plan, each cause counted once. */
export function counted(findings: readonly Finding[], severity: Severity): number {
  return findings.filter((f) => f.severity === severity && f.stages[0] === f.stage).length;
}
