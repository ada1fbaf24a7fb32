import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { METRIC } from '../../units';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within } from '../../lib/standIn';
import { Units } from '../../ui/Words';
import type { Looked } from '../book/api';
import type { Stage } from './api';
import { InspectionDialog } from './InspectionDialog';

const STAGE = {
  key: 'a',
  count: 2,
  lengthMm: 200,
  widthMm: 40,
  heightMm: 12,
  fill: 1,
  section: { kind: 'LEVEL', layers: [] },
} as unknown as Stage;

function opened(write: unknown = { id: 9 }) {
  const shop = standIn({
    'GET /api/v1/billets/7/seams': [4, 8],
    'POST /api/v1/billets/7/entries': write,
    'POST /api/v1/book/entries/9/photos': { id: 'p' },
  });
  const closed = vi.fn();
  render(
    within(
      <Units value={METRIC}>
        <InspectionDialog billetId={7} stepKey="a" stage={STAGE} onClose={closed} />
      </Units>,
    ),
  );
  return { shop, closed };
}

const looked = (shop: ReturnType<typeof opened>['shop']) =>
  (shop.changes()[0]?.body as { inspection: Looked }).inspection;
const way = (name: string) => userEvent.click(screen.getByRole('checkbox', { name }));
const write = () => userEvent.click(screen.getByRole('button', { name: /^Log inspection/ }));

/** Draws along the bar, from a share of its length to another; jsdom lays nothing out, so the box is given. */
async function drawn(from: number, to: number) {
  const bar = await screen.findByRole('img', { name: /bar/i });
  bar.getBoundingClientRect = () =>
    ({ left: 0, top: 0, right: 400, bottom: 100, width: 400, height: 100, x: 0, y: 0 }) as DOMRect;
  Object.assign(bar, { setPointerCapture: () => undefined });
  fireEvent.pointerDown(bar, { clientX: from * 400, clientY: 50, pointerId: 1, button: 0 });
  fireEvent.pointerMove(bar, { clientX: to * 400, clientY: 50, pointerId: 1 });
  fireEvent.pointerUp(bar, { clientX: to * 400, clientY: 50, pointerId: 1 });
}

afterEach(() => vi.unstubAllGlobals());

describe('a look at the bar', () => {
  it('says how it was looked at before it can be written down; nothing found is a finding too', async () => {
    const { shop, closed } = opened();
    expect(screen.getByRole('button', { name: /Choose an inspection method first/ })).toBeDisabled();
    await way('tap');
    await way('ground edge');
    await write();
    await waitFor(() => expect(closed).toHaveBeenCalledOnce());
    expect(looked(shop)).toMatchObject({
      stepKey: 'a',
      ways: ['TAP', 'GROUND_EDGE'],
      brightShare: null,
      flaws: [],
    });
  });

  it('asks for the bright share of a break, and only of a break', async () => {
    const { shop } = opened();
    expect(screen.queryByRole('textbox', { name: /Bright share/ })).toBeNull();
    await way('bend or break');
    const share = screen.getByRole('textbox', { name: /Bright share/ });
    await userEvent.clear(share);
    await userEvent.type(share, '85{Enter}');
    await write();
    await waitFor(() => expect(looked(shop).brightShare).toBe(0.85));
  });

  it('takes a flaw where it is drawn, in the joint that is nearest, to be said in figures', async () => {
    const { shop } = opened();
    await way('etched end');
    await drawn(0.25, 0.5);
    const flaw = await screen.findByRole('group', { name: 'Flaw 1' });
    expect(flaw).toBeInTheDocument();
    const from = screen.getByRole('textbox', { name: /From the stop/ });
    await userEvent.clear(from);
    await userEvent.type(from, '2 in{Enter}');
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'What' }), 'cold shut');
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Bar' }), '2 of 2');
    await write();
    await waitFor(() => expect(shop.changes()).toHaveLength(1));
    const [only] = looked(shop).flaws;
    expect(only).toMatchObject({ kind: 'COLD_SHUT', state: 'OPEN' });
    expect(only?.spot).toMatchObject({ bar: 1, fromXMm: 50.8 });
    expect(only?.spot.toXMm).toBeGreaterThan(50.8);
  });

  it('takes a flaw out again', async () => {
    opened();
    await drawn(0.25, 0.5);
    await userEvent.click(await screen.findByRole('button', { name: 'Remove' }));
    expect(screen.queryByRole('group', { name: 'Flaw 1' })).toBeNull();
  });

  it('keeps everything when it is refused, and sends each photograph when it is taken', async () => {
    const { shop, closed } = opened(() => refusal(422, 'The step is not in the plan.', '/looked/stepKey'));
    await way('tap');
    await userEvent.type(screen.getByLabelText('Note'), 'dull at the left');
    const photos = [
      new File(['a'], 'a.jpg', { type: 'image/jpeg' }),
      new File(['b'], 'b.png', { type: 'image/png' }),
    ];
    await userEvent.upload(screen.getByLabelText(/Photos/), photos);
    await write();
    expect(await screen.findByRole('alert')).toHaveTextContent('The step is not in the plan.');
    expect(closed).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Note')).toHaveValue('dull at the left');
    shop.answers('POST /api/v1/billets/7/entries', { id: 9 });
    await write();
    await waitFor(() => expect(closed).toHaveBeenCalledOnce());
    const sent = shop.changes().filter((s) => s.path.endsWith('/photos'));
    expect(sent.map((s) => s.headers['content-type'])).toEqual(['image/jpeg', 'image/png']);
  });
});
