import { render, screen, waitFor, within as inside } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within, type Sent } from '../../lib/standIn';
import { Units } from '../../ui/Words';
import type { Kept, Shop } from './api';
import { ShopView } from './ShopView';

/** Only what these tests look at; every other figure is 1. */
const figures = (names: readonly string[]) => Object.fromEntries(names.map((n) => [n, 1]));

const SHOP = {
  forge: { ...figures(['widthMm', 'heightMm', 'burners', 'powerKw']), lining: 'HARD', gaugeOffsetC: null },
  press: { ...figures(['boreMm', 'openingMm', 'speedMmS']), gaugeLimitMpa: 21 },
  hammer: null,
  mill: null,
  practice: {
    ...figures(['kerfMm', 'endTrimMm', 'soakMin', 'settingHeats']),
    weldTemperatureC: 1176.6666666666667,
  },
  limits: figures(['longestBarMm']),
  pace: figures(['sawMin']),
  hourPrice: 60,
} as unknown as Shop;

const OUTFITS = [{ id: 'river', name: 'River forge', shop: { ...SHOP, hourPrice: 45 } }];

function opened(put?: (sent: Sent) => Response) {
  let kept: Kept = { shop: SHOP, version: 1, forceKn: 240 };
  const store = (sent: Sent) => {
    const { version, shop } = sent.body as { version: number; shop: Shop };
    if (version !== kept.version) return refusal(409, 'The shop was changed in another window.');
    kept = { ...kept, shop, version: version + 1 };
    return Response.json(kept);
  };
  const asked = standIn({
    'GET /api/shop': () => Response.json(kept),
    'GET /api/shop/outfits': OUTFITS,
    'GET /api/session': { rank: 'SMITH' },
    'GET /api/instruments': [],
    'GET /api/evidence/losses': [],
    'GET /api/put-away': [],
    'GET /api/settings/sign-ins': [],
    'PUT /api/shop': put ?? store,
  });
  render(
    within(
      <Units value="INCH">
        <ShopView />
      </Units>,
    ),
  );
  return {
    asked,
    stored: () => kept.shop,
    /** Somebody else is first. */
    elsewhere: () => (kept = { ...kept, version: kept.version + 1 }),
  };
}

const part = async (name: string) => inside(await screen.findByRole('region', { name }));

async function type(field: HTMLElement, text: string) {
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

afterEach(() => vi.unstubAllGlobals());

describe('the shop', () => {
  it('stores each figure as it is typed, in any unit, and the rest untouched', async () => {
    const shop = opened();
    await type((await part('Habits')).getByRole('textbox', { name: /Saw kerf/ }), '1/16');
    await waitFor(() => expect(shop.stored().practice.kerfMm).toBe(1.5875));
    expect(shop.stored().practice.weldTemperatureC).toBe(1176.6666666666667);
    expect({ ...shop.stored(), practice: null }).toEqual({ ...SHOP, practice: null });
  });

  it('takes a change back', async () => {
    const shop = opened();
    await part('Habits');
    expect(screen.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await type((await part('Habits')).getByRole('textbox', { name: /Saw kerf/ }), '2 mm');
    await waitFor(() => expect(shop.stored().practice.kerfMm).toBe(2));
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(shop.stored()).toEqual(SHOP));
    await waitFor(() => expect(screen.getByRole('button', { name: 'Undo' })).toBeDisabled());
  });

  it('says beside the field why a figure is refused, and keeps what was typed', async () => {
    opened(() => refusal(422, 'A kerf is at most [[mm 12.7]].', '/practice/kerfMm'));
    const field = (await part('Habits')).getByRole('textbox', { name: /Saw kerf/ });
    await type(field, '3');
    expect(await screen.findByRole('alert')).toHaveTextContent('at most 1/2 in');
    expect(field).toHaveValue('3');
    expect(field).toBeInvalid();
  });

  it('shows what another window stored when that was first', async () => {
    const shop = opened();
    await part('Habits');
    shop.elsewhere();
    await type((await part('Habits')).getByRole('textbox', { name: /Saw kerf/ }), '2 mm');
    const said = await screen.findAllByRole('alert');
    expect(said.map((a) => a.textContent).join(' ')).toContain('What is there now is shown.');
    expect(shop.stored()).toEqual(SHOP);
  });

  it('can be without a press and begin from a whole outfit', async () => {
    const shop = opened();
    await userEvent.click((await part('Press')).getByRole('button', { name: 'There is none' }));
    await waitFor(() => expect(shop.stored().press).toBeNull());
    await userEvent.click(screen.getByRole('button', { name: 'River forge' }));
    await waitFor(() => expect(shop.stored().hourPrice).toBe(45));
    expect(shop.stored().press).not.toBeNull();
  });

  it('is saved as a whole by its owner alone', async () => {
    const shop = opened();
    await part('Habits');
    expect(screen.queryByRole('region', { name: 'The whole shop' })).toBeNull();
    expect(shop.asked.sent.some((s) => s.path.startsWith('/api/people'))).toBe(false);
  });
});
