import { render, screen, waitFor } from '@testing-library/react';
import { US } from '../../units';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within } from '../../lib/standIn';
import { Units } from '../../ui/Words';
import type { Weld } from '../book/api';
import type { Operation, Plan } from './plan';
import { WeldLog } from './WeldLog';

const PLANNED = {
  kind: 'set',
  heats: 3,
  reduction: 0.08,
  temperatureC: 1176.6666666666667,
  soakMin: 15,
  protection: 'DRY',
  tack: 'SIDES',
  jacket: 'BEAD',
  tool: 'FLAT',
  bites: 0,
} as Extract<Operation, { kind: 'set' }>;

const PLAN = { stack: { pieces: [], widthMm: 38, lengthMm: 150 }, steps: [], parts: [], wanted: [] } as Plan;

const HELD = {
  id: 4,
  outcome: 'HELD',
  temperatureC: 1180,
  protection: 'BORAX',
  madeAt: '2026-02-10T09:00:00Z',
  note: 'rang clear',
} as Weld;

const NEXT = { tooFew: false, mean: 0.93, limits: { low: 0.8, high: 0.98 } };

function shown(answer: unknown = { id: 5 }, welds: readonly Weld[] = []) {
  const shop = standIn({
    'GET /api/v1/protections': [{ protection: 'SEALED', caution: 'A tight can bursts. Leave a vent.' }],
    'GET /api/v1/evidence/next': NEXT,
    'POST /api/v1/billets/7/welds': answer,
    'POST /api/v1/welds/4/delete': () => new Response(null, { status: 204 }),
  });
  render(
    within(
      <Units value={US}>
        <WeldLog billetId={7} plan={PLAN} stepKey="a" planned={PLANNED} welds={welds} />
      </Units>,
    ),
  );
  return shop;
}

const choose = (name: RegExp) => userEvent.click(screen.getByRole('radio', { name }));
const button = (name: RegExp) => screen.getByRole('button', { name });
const logged = (shop: ReturnType<typeof shown>) =>
  shop.changes().filter((s) => s.path === '/api/v1/billets/7/welds');

afterEach(() => vi.unstubAllGlobals());

describe('the log of a weld', () => {
  it('begins with what is planned and is not written before it is said what came of it', async () => {
    const shop = shown();
    expect(screen.getByRole('textbox', { name: /Heat/ })).toHaveValue('2150');
    expect(button(/Choose a result first/)).toBeDisabled();
    await choose(/sound/);
    await userEvent.click(button(/^Log weld$/));
    await waitFor(() => expect(logged(shop)).toHaveLength(1));
    expect(logged(shop)[0]?.body).toEqual({
      stepKey: 'a',
      temperatureC: PLANNED.temperatureC,
      protection: 'DRY',
      outcome: 'HELD',
      note: '',
    });
    expect(logged(shop)[0]?.headers['request-id']).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('keeps what was typed when it is refused, and sends the very same request again', async () => {
    const shop = shown(() => refusal(503, 'The database does not answer.', '', 'Try again in a moment.'));
    await choose(/delaminated/);
    await userEvent.type(screen.getByLabelText(/Note/), 'lower seam at the left');
    await userEvent.click(button(/^Log weld$/));
    expect(await screen.findByRole('alert')).toHaveTextContent('does not answer. Try again in a moment.');
    expect(screen.getByLabelText(/Note/)).toHaveValue('lower seam at the left');
    shop.answers('POST /api/v1/billets/7/welds', { id: 5 });
    await userEvent.click(button(/^Log weld$/));
    await waitFor(() => expect(screen.getByLabelText(/Note/)).toHaveValue(''));
    const [first, second] = logged(shop);
    expect(second?.body).toEqual(first?.body);
    expect(second?.headers['request-id']).toBe(first?.headers['request-id']);
    expect(button(/Choose a result first/)).toBeDisabled();
  });

  it('takes the heat in either unit and says where none can be', async () => {
    const shop = shown();
    const heat = screen.getByRole('textbox', { name: /Heat/ });
    await userEvent.clear(heat);
    await userEvent.type(heat, '1200 C{Enter}');
    await choose(/suspect/);
    await userEvent.click(button(/^Log weld$/));
    await waitFor(() => expect(logged(shop)[0]?.body).toMatchObject({ temperatureC: 1200 }));
    await userEvent.clear(heat);
    await userEvent.type(heat, '900{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('from 1112 °F to 2732 °F');
  });

  it('shows the danger of the way that is chosen', async () => {
    shown();
    await choose(/sealed/);
    expect(await screen.findByText(/Leave a vent/)).toBeInTheDocument();
  });

  it('lists what there is, and one logged by mistake can be struck', async () => {
    const shop = shown(undefined, [HELD]);
    expect(screen.getByText(/rang clear/)).toBeInTheDocument();
    await userEvent.click(button(/Delete/));
    expect(shop.changes().map((s) => s.path)).toEqual(['/api/v1/welds/4/delete']);
  });
});
