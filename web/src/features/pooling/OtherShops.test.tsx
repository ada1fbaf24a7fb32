import { render, screen, within as inside } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { OtherShops } from './OtherShops';
import type { OtherShop } from './api';

const TALLY = {
  held: 35,
  open: 5,
  suspect: 0,
  openShare: 0.125,
  limits: { low: 0.05, high: 0.25 },
  tooFew: false,
};

const UPRIVER: OtherShop = {
  id: 3,
  name: 'Upriver',
  welds: TALLY,
  used: false,
  replaces: null,
  doubts: [],
  addedAt: '2026-02-03T08:40:00Z',
  addedBy: 'Wharf smithy',
};

const PATH = '/api/v1/evidence/other-shops';

function opened(shop: OtherShop) {
  const asked = standIn({
    [`GET ${PATH}`]: [shop],
    [`GET ${PATH}/3/effect`]: {
      without: { mean: 0.88, limits: TALLY.limits, welds: 9, tooFew: true },
      with: { mean: 0.914, limits: TALLY.limits, welds: 9, tooFew: true },
    },
    [`POST ${PATH}/3/use`]: [{ ...shop, used: true }],
    [`POST ${PATH}/3/delete`]: [],
    [`POST ${PATH}/3/restore`]: [shop],
    [`POST ${PATH}`]: [{ ...shop, id: 4, name: 'Lock keeper', used: true }, shop],
    'GET /api/v1/evidence/own-record': {
      all: { ...TALLY, held: 19, open: 2 },
      suspect: 1,
      unnamed: 4,
      file: '{"format":"geminal-welds"}',
    },
  });
  render(within(<OtherShops />));
  return asked;
}

describe('records of other shops', () => {
  it('says what counting one would change before it is counted', async () => {
    const asked = opened(UPRIVER);
    const shop = await screen.findByRole('article', { name: 'Upriver' });
    expect(shop).toHaveTextContent('40 welds, 5 delaminated');
    expect(await inside(shop).findByText('91%')).toBeVisible();
    expect(shop).toHaveTextContent('88% → 91%');
    await userEvent.click(inside(shop).getByRole('button', { name: 'Count it' }));
    expect(await screen.findByText('Counted with your welds.')).toBeVisible();
    expect(asked.changes().at(-1)?.path).toBe(`${PATH}/3/use`);
    expect(screen.getByRole('button', { name: 'Stop counting' })).toBeVisible();
  });

  it('says what speaks against one', async () => {
    opened({ ...UPRIVER, doubts: ['Only 7 welds. Fewer than 12 say little.'], replaces: 'Old file' });
    const shop = await screen.findByRole('article', { name: 'Upriver' });
    expect(shop).toHaveTextContent('▲ Only 7 welds.');
    expect(shop).toHaveTextContent('takes the place of Old file');
    expect(inside(shop).getByRole('button', { name: 'Count it anyway' })).toBeVisible();
  });

  it('removes one, and brings it back', async () => {
    opened(UPRIVER);
    await userEvent.click(await screen.findByRole('button', { name: 'Remove' }));
    expect(await screen.findByText('Upriver is removed.')).toBeVisible();
    expect(screen.queryByRole('article')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(await screen.findByRole('article', { name: 'Upriver' })).toBeVisible();
  });

  it('asks for a name before a file is added, and sends the file as it is', async () => {
    const asked = opened(UPRIVER);
    const text = '{"format": "geminal-welds"}';
    await userEvent.upload(
      await screen.findByLabelText('Record of another shop'),
      new File([text], 'welds.json', { type: 'application/json' }),
    );
    const name = screen.getByLabelText('Name for this shop');
    expect(name).toHaveValue('welds');
    await userEvent.clear(name);
    expect(screen.getByRole('button', { name: 'Add' })).toBeDisabled();
    await userEvent.type(name, 'Lock keeper');
    await userEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(await screen.findByRole('article', { name: 'Lock keeper' })).toBeVisible();
    expect(asked.changes().at(-1)?.body).toEqual(JSON.parse(text));
  });

  it('shows what would leave before it can be saved', async () => {
    opened(UPRIVER);
    expect(screen.queryByRole('button', { name: 'Save this file' })).toBeNull();
    await userEvent.click(await screen.findByRole('button', { name: 'Give your welds to others …' }));
    expect(await screen.findByLabelText('The file')).toHaveTextContent('geminal-welds');
    expect(screen.getByText(/^21 welds would leave/)).toHaveTextContent('1 suspect weld stays here');
    expect(screen.getByRole('button', { name: 'Save this file' })).toBeVisible();
  });
});
