import type { WeldOutcome } from '../features/book/api';

const GAP: Record<WeldOutcome | 'UNMADE', string> = {
  HELD: 'M2 4h16v5H2zM2 9h16v5H2z',
  SUSPECT: 'M2 4h16v5H2zM2 14.5h16v-4L2 9z',
  OPEN: 'M2 2.5h16v5H2zM2 11.5h16v5H2z',
  UNMADE: 'M2.5 2.5h15v4h-15zM2.5 11.5h15v4h-15z',
};

/** The state of a joint by its shape: two bars touching, half a gap, a gap; not made yet, two outlines. */
export function JointGlyph({ state, size = 20 }: { state: WeldOutcome | 'UNMADE'; size?: number }) {
  const unmade = state === 'UNMADE';
  return (
    <svg width={size} height={size} viewBox="0 0 20 18" aria-hidden className="inline-block shrink-0">
      <path
        d={GAP[state]}
        fill={unmade ? 'none' : 'currentColor'}
        stroke="currentColor"
        strokeWidth={unmade ? 1 : 0}
        strokeDasharray={unmade ? '2 1.5' : undefined}
      />
      {state === 'HELD' && <path d="M2 9h16" stroke="var(--ground)" strokeWidth="0.6" />}
    </svg>
  );
}
