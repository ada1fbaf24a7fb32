import { render, screen, within as inside } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { US } from '../../units';
import { Units } from '../../ui/Words';
import { CalibrationPanel } from './CalibrationPanel';
import type { Calibration } from './api';
import { NOTHING_LEARNED } from './usual';

const OFFSET = { low: -25, middle: 0, high: 25 };
const GAPS = { low: 362, middle: 1225, high: 4141 };

const LEARNED: Calibration = {
  ...NOTHING_LEARNED,
  row: 7,
  heats: 3,
  calibratedAt: '2026-02-03T08:40:00Z',
  inPlans: false,
  figures: [
    { of: 'CHAMBER_OFFSET', now: { low: 4, middle: 12, high: 20 }, inPlans: OFFSET, before: OFFSET },
    { of: 'GAPS_GROUND', now: { low: 400, middle: 700, high: 1200 }, inPlans: GAPS, before: GAPS },
    { of: 'GAPS_AS_FOUND', now: GAPS, inPlans: GAPS, before: GAPS },
  ],
};

function opened(first: Calibration) {
  const asked = standIn({
    'GET /api/v1/shop/calibration': first,
    'GET /api/v1/billets': [
      { id: 1, name: 'Ferry knife' },
      { id: 2, name: 'Spare bar' },
    ],
    'GET /api/v1/billets/1/calibration-effects': [
      { step: 's1', title: 'Weld 1', now: 0.9, then: 0.801 },
      { step: 's2', title: 'Weld 2', now: 0.9, then: 0.9001 },
    ],
    'GET /api/v1/billets/2/calibration-effects': [],
    'POST /api/v1/shop/calibration/use': { ...LEARNED, inPlans: true, planHeats: 3, used: true },
    'POST /api/v1/shop/calibration/reset': { ...NOTHING_LEARNED, row: 8, wasReset: true, inPlans: false },
    'POST /api/v1/shop/calibration/undo-reset': LEARNED,
  });
  render(
    within(
      <Units value={US}>
        <CalibrationPanel />
      </Units>,
    ),
  );
  return asked;
}

describe('what was learned from sessions', () => {
  it('says what to do where nothing was learned', async () => {
    opened(NOTHING_LEARNED);
    expect(await screen.findByText(/^Nothing yet/)).toBeVisible();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('shows ranges in the reader’s units, and leaves out gaps no session has shown', async () => {
    opened(LEARNED);
    expect(await screen.findByText('From 3 heats.')).toBeVisible();
    const rows = screen.getAllByRole('row');
    expect(rows).toHaveLength(2);
    expect(rows[0]).toHaveTextContent('Chamber hotter than its gauge says');
    expect(rows[0]).toHaveTextContent('22 °F');
    expect(rows[0]).toHaveTextContent('(7 °F to 36 °F)');
    expect(rows[1]).toHaveTextContent('57% (33% to 98%)');
  });

  it('compares plans before they are changed', async () => {
    const asked = opened(LEARNED);
    await userEvent.click(await screen.findByRole('button', { name: 'Compare plans' }));
    const change = await screen.findByRole('listitem');
    expect(change).toHaveTextContent('Weld 1: 90% → 80%');
    expect(screen.queryByText('Spare bar')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Use in plans' }));
    expect(await screen.findByText(/use what 3 heats showed/)).toBeVisible();
    expect(asked.changes().at(-1)?.body).toEqual({ row: 7 });
    expect(screen.queryByRole('button', { name: 'Use in plans' })).toBeNull();
  });

  it('forgets, and brings it back', async () => {
    opened(LEARNED);
    await userEvent.click(await screen.findByRole('button', { name: 'Forget all' }));
    expect(await screen.findByText(/^Forgotten/)).toBeVisible();
    const panel = screen.getByRole('region', { name: 'Learned from sessions' });
    await userEvent.click(inside(panel).getByRole('button', { name: 'Undo forget' }));
    expect(await screen.findByText('From 3 heats.')).toBeVisible();
  });
});
