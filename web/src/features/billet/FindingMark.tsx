import type { Finding, Strength } from './api';

export const STRENGTH_WORDS: Record<Strength, string> = {
  WILL_FAIL: 'will fail',
  AT_RISK: 'at risk',
  WORTH_KNOWING: 'worth knowing',
};

const SHAPE: Record<Strength, string> = {
  WILL_FAIL: 'M1 3h16l-4 12H5z',
  AT_RISK: 'M9 2l8 14H1z',
  WORTH_KNOWING: 'M3 8h12v2H3z',
};

/** A finding's strength by shape: a solid wedge, an open triangle, a dash. */
export function FindingMark({ strength, size = 16 }: { strength: Strength; size?: number }) {
  return (
    <svg viewBox="0 0 18 18" width={size} height={size} aria-hidden className="inline-block shrink-0">
      <path
        d={SHAPE[strength]}
        fill={strength === 'AT_RISK' ? 'none' : 'currentColor'}
        stroke="currentColor"
        strokeWidth={strength === 'AT_RISK' ? 1.8 : 0}
      />
    </svg>
  );
}

const ORDER: readonly Strength[] = ['WILL_FAIL', 'AT_RISK', 'WORTH_KNOWING'];

/** The strongest of some findings, for a row's margin. */
export const strongest = (findings: readonly Finding[]): Strength | undefined =>
  ORDER.find((s) => findings.some((f) => f.strength === s));
