import { render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { Quarantine } from './Quarantine';

const shown = (unreadable: unknown) => {
  const shop = standIn({ 'GET /api/v1/unreadable': unreadable });
  render(within(<Quarantine of={['WELD', 'ENTRY']} one="line" many="lines" />));
  return shop;
};

const WELD = { kind: 'WELD', id: 4, what: 'Froe, weld 1', why: 'It was stored by a later release.' };

afterEach(() => vi.unstubAllGlobals());

describe('what cannot be read', () => {
  it('is shown with why and the way to its data, only of the kinds asked for', async () => {
    const shop = shown([WELD]);
    expect(await screen.findByText('One line cannot be read')).toBeVisible();
    expect(screen.getByText('Froe, weld 1').closest('li')).toHaveTextContent('a later release');
    expect(screen.getByText('Download its data')).toHaveAttribute('href', '/api/v1/unreadable/WELD/4');
    expect(shop.sent.map((s) => s.path)).toEqual(['/api/v1/unreadable?of=WELD&of=ENTRY']);
  });

  it('is not mentioned where there is nothing', async () => {
    const shop = shown([]);
    await waitFor(() => expect(shop.sent).toHaveLength(1));
    expect(screen.queryByText(/cannot be read/)).toBeNull();
  });
});
