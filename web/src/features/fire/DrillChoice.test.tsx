import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { DrillChoice } from './DrillChoice';

afterEach(() => vi.unstubAllGlobals());

it('names six drills, what is wrong in each, and how often it came out sound', async () => {
  standIn({ 'GET /api/v1/drills': [{ drill: 'LATE_BITE', runs: 3, sound: 1 }] });
  const chosen = vi.fn();
  const { rerender } = render(within(<DrillChoice value={null} onChoose={chosen} />));
  expect(await screen.findByRole('option', { name: 'Cold late bite · sound 1 of 3' })).toBeInTheDocument();
  expect(screen.getAllByRole('option')).toHaveLength(7);
  expect(screen.getByText(/drawn at random/)).toBeVisible();
  await userEvent.selectOptions(screen.getByRole('combobox'), 'Dirty faces');
  expect(chosen).toHaveBeenLastCalledWith('DIRTY_FACES');
  rerender(within(<DrillChoice value="DIRTY_FACES" onChoose={chosen} />));
  expect(screen.getByText('Scale was left on the faces.')).toBeVisible();
  await userEvent.selectOptions(screen.getByRole('combobox'), 'No drill');
  expect(chosen).toHaveBeenLastCalledWith(null);
});
