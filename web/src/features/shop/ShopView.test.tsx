import { QueryClient } from '@tanstack/react-query';
import { US } from '../../units';
import { render, screen, waitFor, within as inside } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { quiet, refusal, standIn, within, type Sent } from '../../lib/standIn';
import { Units } from '../../ui/Words';
import { NOTHING_LEARNED } from '../calibration/usual';
import { shopQuery, type Kept, type Shop } from './api';
import { FORGE, LIMITS, TASK_TIMES, PRACTICE, PRESS } from './fields';
import { ShopView } from './ShopView';

/** Only a few are looked at; every other figure is 1. */
const figures = (fields: readonly { readonly name: string }[]) =>
  Object.fromEntries(fields.map((f) => [f.name, 1]));

const SHOP = {
  forge: { ...figures(FORGE), lining: 'HARD', gaugeOffsetC: null },
  press: { ...figures(PRESS), gaugeLimitMpa: 21 },
  hammer: null,
  mill: null,
  defaults: { ...figures(PRACTICE), weldTemperatureC: 1176.6666666666667 },
  limits: figures(LIMITS),
  taskTimes: figures(TASK_TIMES),
  hourPrice: 60,
} as unknown as Shop;

/** Only this computer opens the shop. */
const NO_NETWORK = {
  open: false,
  origin: '',
  trustPage: '',
  trustCode: { dots: 0, path: '' },
  hosts: [],
  fingerprint: '',
  certificateUntil: null,
};

const PRESETS = [{ id: 'river', name: 'River forge', shop: { ...SHOP, hourPrice: 45 } }];

function opened(put?: (sent: Sent) => Response) {
  let kept: Kept = { shop: SHOP, version: 1, forceKn: 240, findings: [] };
  const store = (sent: Sent) => {
    const { version, shop } = sent.body as { version: number; shop: Shop };
    if (version !== kept.version) return refusal(409, 'The shop was changed in another window.');
    kept = { ...kept, shop, version: version + 1 };
    return Response.json(kept);
  };
  const asked = standIn({
    'GET /api/v1/shop': () => Response.json(kept),
    'GET /api/v1/shop/outfits': PRESETS,
    'GET /api/v1/session': { units: { system: 'METRIC', chosen: {} }, rank: 'SMITH' },
    'GET /api/v1/instruments': [],
    'GET /api/v1/shop/calibration': NOTHING_LEARNED,
    'GET /api/v1/evidence/losses': [],
    'GET /api/v1/removed-items': [],
    'GET /api/v1/hidden-notes': [],
    'GET /api/v1/settings/sign-ins': [],
    'GET /api/v1/tokens': [],
    'GET /api/v1/network': NO_NETWORK,
    'GET /api/v1/devices': [],
    'PUT /api/v1/shop': put ?? store,
  });
  const client = new QueryClient(quiet);
  render(
    within(
      <Units value={US}>
        <ShopView />
      </Units>,
      client,
    ),
  );
  return {
    asked,
    client,
    stored: () => kept.shop,
    /** Changes wait for their answer until they are let go. */
    holdChanges: () => {
      let release: () => void = () => undefined;
      const held = new Promise<void>((done) => (release = done));
      asked.answers('PUT /api/v1/shop', (sent: Sent) => held.then(() => store(sent)));
      return release;
    },
    /** Someone else is first. */
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
    await type((await part('Shop defaults')).getByRole('textbox', { name: /Saw kerf/ }), '1/16');
    await waitFor(() => expect(shop.stored().defaults.kerfMm).toBe(1.5875));
    expect(shop.stored().defaults.weldTemperatureC).toBe(1176.6666666666667);
    expect({ ...shop.stored(), defaults: null }).toEqual({ ...SHOP, defaults: null });
  });

  it('takes a change back', async () => {
    const shop = opened();
    await part('Shop defaults');
    expect(screen.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await type((await part('Shop defaults')).getByRole('textbox', { name: /Saw kerf/ }), '2 mm');
    await waitFor(() => expect(shop.stored().defaults.kerfMm).toBe(2));
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(shop.stored()).toEqual(SHOP));
    await waitFor(() => expect(screen.getByRole('button', { name: 'Undo' })).toBeDisabled());
  });

  it('stores two changes in quick succession, one after the other', async () => {
    const shop = opened();
    const habits = await part('Shop defaults');
    const release = shop.holdChanges();
    await type(habits.getByRole('textbox', { name: /Saw kerf/ }), '2 mm');
    await type(habits.getByRole('textbox', { name: /Setting heats/ }), '4');
    release();
    await waitFor(() => expect(shop.stored().defaults.settingHeats).toBe(4));
    expect(shop.stored().defaults.kerfMm).toBe(2);
    expect(screen.queryAllByRole('alert')).toEqual([]);
  });

  it('keeps what was stored when an answer asked for before comes after it', async () => {
    const shop = opened();
    const habits = await part('Shop defaults');
    let late: () => void = () => undefined;
    const old = { shop: SHOP, version: 1, forceKn: 240 };
    shop.asked.answers(
      'GET /api/v1/shop',
      () => new Promise<Response>((done) => (late = () => done(Response.json(old)))),
    );
    const asked = shop.client.refetchQueries(shopQuery);
    await type(habits.getByRole('textbox', { name: /Saw kerf/ }), '2 mm');
    await waitFor(() => expect(shop.stored().defaults.kerfMm).toBe(2));
    late();
    await asked;
    await waitFor(() => expect(screen.getByRole('button', { name: 'Undo' })).toBeEnabled());
    expect(habits.getByRole('textbox', { name: /Saw kerf/ })).toHaveValue('2 mm');
  });

  it('says beside the field why a figure is refused, and keeps what was typed', async () => {
    opened(() => refusal(422, 'A kerf is at most [[mm 12.7]].', '/practice/kerfMm'));
    const field = (await part('Shop defaults')).getByRole('textbox', { name: /Saw kerf/ });
    await type(field, '3');
    expect(await screen.findByRole('alert')).toHaveTextContent('at most 1/2 in');
    expect(field).toHaveValue('3');
    expect(field).toBeInvalid();
  });

  it('shows what another window stored when that was first', async () => {
    const shop = opened();
    await part('Shop defaults');
    shop.elsewhere();
    await type((await part('Shop defaults')).getByRole('textbox', { name: /Saw kerf/ }), '2 mm');
    const said = await screen.findAllByRole('alert');
    expect(said.map((a) => a.textContent).join(' ')).toContain('The saved values are shown.');
    expect(shop.stored()).toEqual(SHOP);
  });

  it('can be without a press and begin from a whole outfit', async () => {
    const shop = opened();
    await userEvent.click((await part('Press')).getByRole('button', { name: 'Remove' }));
    await waitFor(() => expect(shop.stored().press).toBeNull());
    await userEvent.click(screen.getByRole('button', { name: 'River forge' }));
    await waitFor(() => expect(shop.stored().hourPrice).toBe(45));
    expect(shop.stored().press).not.toBeNull();
  });

  it('is saved as a whole by its owner alone', async () => {
    const shop = opened();
    await part('Shop defaults');
    expect(screen.queryByRole('region', { name: 'Backup' })).toBeNull();
    expect(shop.asked.sent.some((s) => s.path.startsWith('/api/v1/people'))).toBe(false);
  });
});
