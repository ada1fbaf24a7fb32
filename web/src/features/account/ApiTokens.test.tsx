import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within, type Sent } from '../../lib/standIn';
import { ApiTokens } from './ApiTokens';

const SCALE = {
  id: 3,
  login: 'wharf',
  person: 'Wharf',
  name: 'Scale',
  rank: 'GUEST',
  createdAt: '2026-02-10T09:00:00Z',
  lastUsedAt: null,
};

function shown(rank: string, make: unknown) {
  let tokens = [SCALE];
  const shop = standIn({
    'GET /api/v1/session': { units: { system: 'METRIC', chosen: {} }, login: 'wharf', rank },
    'GET /api/v1/tokens': () => Response.json(tokens),
    'POST /api/v1/tokens': make,
    'POST /api/v1/tokens/3/revoke': () => {
      tokens = [];
      return new Response(null, { status: 204 });
    },
  });
  render(within(<ApiTokens />));
  return shop;
}

afterEach(() => vi.unstubAllGlobals());

describe('tokens for scripts', () => {
  it('are made, shown once, and revoked', async () => {
    const shop = shown('SMITH', ({ body }: Sent) =>
      Response.json({ token: { ...SCALE, ...(body as object), id: 4 }, secret: 'geminal_abc' }),
    );
    await userEvent.type(await screen.findByLabelText('What it is for'), 'Backup');
    await userEvent.selectOptions(screen.getByLabelText('Rank'), 'Smith');
    await userEvent.click(screen.getByRole('button', { name: 'Create token' }));
    expect(await screen.findByText('geminal_abc')).toBeVisible();
    expect(shop.changes()[0]?.body).toEqual({ name: 'Backup', rank: 'SMITH' });
    await userEvent.click(screen.getByRole('button', { name: 'Revoke Scale' }));
    expect(await screen.findByText('No tokens yet.')).toBeVisible();
  });

  it('are of no higher rank than who makes them', async () => {
    shown('APPRENTICE', null);
    const ranks = await screen.findByLabelText('Rank');
    await waitFor(() => expect(ranks.textContent).toBe('ApprenticeGuest'));
  });

  it('say beside the name what is wrong with it', async () => {
    shown('SMITH', () => refusal(422, 'At most 80 characters.', '/name'));
    await userEvent.type(await screen.findByLabelText('What it is for'), 'x');
    await userEvent.click(screen.getByRole('button', { name: 'Create token' }));
    expect(await screen.findByText('At most 80 characters.')).toBeVisible();
  });
});
