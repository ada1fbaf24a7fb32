import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { Backups } from './Backups';

const MADE = {
  folder: '/media/stick',
  kept: 14,
  there: 3,
  newestAt: '2026-02-10T03:00:00Z',
  checkedAt: '2026-02-08T03:01:00Z',
  late: false,
  problem: null,
};

function shown(status: unknown, after: unknown = MADE) {
  const shop = standIn({ 'GET /api/v1/backups': status, 'POST /api/v1/backups': after });
  render(within(<Backups />));
  return shop;
}

afterEach(() => vi.unstubAllGlobals());

describe('nightly backups', () => {
  it('say how many there are and that one was proven', async () => {
    shown(MADE);
    expect(await screen.findByText('3 of 14')).toBeVisible();
    expect(screen.getByText('/media/stick')).toBeVisible();
    expect(screen.queryByText(/older than a day/)).toBeNull();
  });

  it('say when the newest is older than a day, until one is made', async () => {
    shown({ ...MADE, late: true });
    expect(await screen.findByText(/older than a day/)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Back up now' }));
    expect(await screen.findByRole('button', { name: 'Back up now' })).toBeEnabled();
    expect(screen.queryByText(/older than a day/)).toBeNull();
  });

  it('say why one did not work', async () => {
    shown({ ...MADE, late: true, problem: 'The folder /media/stick for backups is not there.' });
    expect(await screen.findByText(/is not there/)).toBeVisible();
    expect(screen.queryByText(/older than a day/)).toBeNull();
  });

  it('say how to set a folder where there is none', async () => {
    shown({ ...MADE, folder: '', there: 0, newestAt: null, checkedAt: null });
    expect(await screen.findByText(/BACKUP_FOLDER/)).toBeVisible();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
