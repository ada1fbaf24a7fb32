import { render, screen } from '@testing-library/react';
import { US } from '../../units';
import { expect, it } from 'vitest';
import { Units } from '../../ui/Words';
import type { Verdict } from './api';
import { VerdictPanel } from './VerdictPanel';

const STOP: Verdict = {
  word: 'Stop',
  verdict: {
    grade: 'STOP',
    score: 31,
    reasons: [
      {
        id: 'hardening-does-not-overlap',
        weight: 'STOP',
        safety: false,
        steels: ['A', 'B'],
        what: 'They cannot be hardened together.',
        why: 'One wants [[C 1010]] at least: a gap of [[dC 190]].',
        action: 'Use one as cladding.',
      },
      {
        id: 'fume-metals',
        weight: 'NOTE',
        safety: true,
        steels: ['A'],
        what: 'A carries chromium.',
        why: 'Fume.',
        action: 'Extraction.',
      },
    ],
    weld: null,
    hardening: { fromC: 1010, toC: 820 },
    quench: 'FAST_OIL',
    quenchSteps: 3,
    msApartC: 32,
    strainPercent: 0.03,
    toneApart: 0.23,
    meanCarbon: 1.15,
    hardness: null,
  },
};

it('a stop hides its score and tells every reason in the reader’s units', () => {
  render(
    <Units value={US}>
      <VerdictPanel answer={STOP} carbons={[1.55, 0.75]} />
    </Units>,
  );
  expect(screen.getAllByText('Stop')[0]).toBeVisible();
  expect(screen.queryByText(/31 of 100/)).toBeNull();
  expect(screen.getByText('no common welding heat')).toBeVisible();
  expect(screen.getByText('1.55 and 0.75, evened out 1.15%')).toBeVisible();
  expect(screen.getByText('no overlap: gap of 342 °F')).toBeVisible();
  const [first, second] = screen.getAllByRole('listitem');
  expect(first).toHaveTextContent('Stop');
  expect(first).toHaveTextContent('One wants 1850 °F at least: a gap of 342 °F.');
  expect(second).toHaveTextContent('Safety');
  expect(
    screen.getByText((_, e) => e?.tagName === 'DD' && e.textContent === 'fast oil, up to 15/64 in thick'),
  ).toBeVisible();
});
