import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { FirstStepsView } from './FirstStepsView';
import { barOf, usualSteels } from './usualSteels';
import type { Steel } from '../steel/api';

const FORGE = { doorWidthMm: 110, doorHeightMm: 110, lengthMm: 300 };
const SHOP = { forge: FORGE, press: { ratedForceKn: 220 }, hammer: null, mill: null };
const steel = (id: string) => ({ id, etchTone: { value: 0.1 } }) as unknown as Steel;

function opened(more: Record<string, unknown> = {}) {
  const asked = standIn({
    'GET /api/v1/shop': { shop: SHOP, version: 0, forceKn: null, findings: [] },
    'GET /api/v1/shop/outfits': [
      { id: 'GAS_AND_PRESS', name: 'A gas forge and a press', shop: SHOP },
      { id: 'HAND_HAMMER', name: 'A small forge and a hand hammer', shop: { ...SHOP, press: null } },
    ],
    'GET /api/v1/session': { login: 'quay', units: { system: 'METRIC', chosen: {} }, rank: 'OWNER' },
    'GET /api/v1/steels': [steel('1084'), steel('15N20'), steel('D2')],
    'GET /api/v1/stock': [],
    'PUT /api/v1/shop': { shop: SHOP, version: 1, forceKn: null, findings: [] },
    'PUT /api/v1/settings': {},
    'POST /api/v1/schedules': () => new Response('{"kind":"ended","ways":[]}\n'),
    ...more,
  });
  render(
    <MemoryRouter initialEntries={['/first-steps']}>
      {within(
        <Routes>
          <Route path="/first-steps" element={<FirstStepsView />} />
          <Route path="/rack" element={<p>The rack.</p>} />
        </Routes>,
      )}
    </MemoryRouter>,
  );
  return asked;
}

const skip = () => userEvent.click(screen.getByRole('button', { name: 'Skip' }));

describe('first steps', () => {
  it('store the preset that was chosen and go on', async () => {
    const shop = opened();
    await userEvent.click(await screen.findByRole('radio', { name: /hand hammer/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Use this shop' }));
    expect(await screen.findByText('US shop units or metric?')).toBeVisible();
    expect(shop.changes().map((s) => s.body)).toEqual([{ version: 0, shop: { ...SHOP, press: null } }]);
  });

  it('stay where an answer could not be stored, and say why', async () => {
    opened({
      'PUT /api/v1/shop': () => Response.json({ title: 'No', detail: 'The disk is full.' }, { status: 507 }),
    });
    await userEvent.click(await screen.findByRole('radio', { name: /gas forge/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Use this shop' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The disk is full.');
    expect(screen.getByText('Which forge and press do you use?')).toBeVisible();
  });

  it('store the units when they are chosen', async () => {
    const shop = opened();
    await skip();
    await userEvent.click(await screen.findByRole('radio', { name: 'US shop' }));
    await waitFor(() =>
      expect(shop.changes().map((s) => s.body)).toEqual([{ units: { system: 'INCH', chosen: {} } }]),
    );
  });

  it('put ticked steels on the shelf once, also when one fails at first', async () => {
    let fails = true;
    const shop = opened({
      'POST /api/v1/stock': ({ body }: { body: { steel: string } }) =>
        body.steel === '15N20' && fails
          ? Response.json({ title: 'No', detail: 'Try again.' }, { status: 503 })
          : Response.json({ id: 1 }),
    });
    await skip();
    await skip();
    await userEvent.click(await screen.findByRole('checkbox', { name: /1084/ }));
    await userEvent.click(screen.getByRole('checkbox', { name: /15N20/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Add 2 steels to the shelf' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Try again.');
    fails = false;
    await userEvent.click(screen.getByRole('button', { name: 'Add 1 steel to the shelf' }));
    expect(await screen.findByText('How many layers, and what size of bar?')).toBeVisible();
    expect(await screen.findByText(/No schedule reaches this/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Create this billet' })).toBeDisabled();
    expect(shop.changes().map((s) => (s.body as { steel?: string }).steel)).toEqual(
      expect.arrayContaining(['1084', '15N20', '15N20']),
    );
    expect(shop.changes().filter((s) => (s.body as { steel?: string }).steel === '1084')).toHaveLength(1);
  });

  it('can all be skipped', async () => {
    opened();
    await userEvent.click(screen.getByRole('button', { name: 'Skip all' }));
    expect(await screen.findByText('The rack.')).toBeVisible();
  });
});

describe('the usual steels', () => {
  it('are only those this shop knows, thin where they are bright', () => {
    const rows = usualSteels([steel('15N20'), steel('1084'), steel('D2')]);
    expect(rows.map((r) => [r.steel, r.thicknessMm])).toEqual([
      ['1084', 3.175],
      ['15N20', 1.5875],
    ]);
    expect(rows.some((r) => r.ticked)).toBe(false);
    expect(rows.map(barOf)[0]).toMatchObject({ steel: '1084', widthMm: 38.1, pieces: 4, price: null });
  });
});
