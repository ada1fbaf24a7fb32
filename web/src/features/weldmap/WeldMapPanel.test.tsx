import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import type { Plan } from '../billet/plan';
import { WeldMapPanel } from './WeldMapPanel';

const PLAN = {
  stack: { pieces: [], widthMm: 38, lengthMm: 150 },
  steps: [],
  parts: [],
  wanted: [],
} as Plan;

const patch = (chance: number) => ({ chance, heatC: 20, reduction: 0.0213, oxideUm: -2, cause: 'OXIDE' });
const MAP = {
  samples: 64,
  lengthMm: 150,
  widthMm: 38,
  heightMm: 60,
  along: 2,
  across: 1,
  chance: 0.807,
  byRecord: { chance: 0.713, low: 0.6, high: 0.81, welds: 12 },
  weakest: 'Weakest: joint 2 of 2.',
  joints: [
    { height: 0.3, chance: 0.99, patches: [patch(1), patch(1)] },
    { height: 0.7, chance: 0.82, patches: [patch(0.9), patch(0.6)] },
  ],
};
const STACK = { words: 'Lay thick pieces outside.', chance: 0.94, instead: null, stack: PLAN.stack };

afterEach(() => vi.unstubAllGlobals());

function shown(narrow = false) {
  const shop = standIn({
    'POST /api/v1/plans/weld-map': MAP,
    'POST /api/v1/plans/weld-remedies': [STACK],
  });
  const onApply = vi.fn();
  render(within(<WeldMapPanel plan={PLAN} step="s1" onApply={onApply} narrow={narrow} />));
  return { shop, onApply };
}

it('shows the chance in whole percent, what would help, and hands that over to be applied', async () => {
  const { onApply } = shown();
  expect(await screen.findByText('Weakest: joint 2 of 2.')).toBeVisible();
  expect(screen.getByText(/chance that every joint is sound/)).toHaveTextContent(/^81/);
  expect(screen.getByText('from how 12 of your welds came out').parentElement).toHaveTextContent(
    /^71% \(60% to 81%\)/,
  );
  const remedy = await screen.findByRole('listitem');
  expect(remedy).toHaveTextContent(/81.*→.*94.*Lay thick pieces outside/);
  await userEvent.click(screen.getByRole('button', { name: 'Apply' }));
  expect(onApply).toHaveBeenCalledWith(STACK);
});

it('asks what would help only when it is tapped, beside something else', async () => {
  const { shop } = shown(true);
  const ask = await screen.findByRole('button', { name: 'What would help' });
  const remedies = () => shop.changes().filter((c) => c.path.endsWith('weld-remedies'));
  expect(remedies()).toHaveLength(0);
  await userEvent.click(ask);
  expect(await screen.findByText('Lay thick pieces outside.')).toBeVisible();
  expect(remedies()).toHaveLength(1);
});

it('lists every joint from the top, with its weakest place', async () => {
  shown();
  await screen.findByText('Weakest: joint 2 of 2.');
  const rows = screen.getAllByRole('row', { hidden: true });
  expect(rows[1]).toHaveTextContent(/^282.?%60.?%.*2\.1.?%too thickoxide/);
  expect(rows[2]).toHaveTextContent(/^199.?%100.?%/);
});
