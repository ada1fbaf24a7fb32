import { render, screen, within as inside } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import { Inspect } from './Inspect';

const BAR = {
  place: 0,
  lengthMm: 150,
  heightMm: 40,
  along: 2,
  seen: [
    { height: 0.3, open: [false, false] },
    { height: 0.7, open: [true, false] },
  ],
  ask: 2,
  named: null,
  truth: null,
};
const TRUTH = [
  { sound: true, bonded: [1, 1], cause: null, chance: 0.99, expected: [1, 0.98] },
  { sound: false, bonded: [0.25, 0.75], cause: 'OXIDE', chance: 0.9, expected: [0.96, 0.96] },
];

afterEach(() => vi.unstubAllGlobals());

function inspected(bar: object, answer: object = bar) {
  const shop = standIn({
    'GET /api/v1/forge-sessions/7/inspection': { bars: [bar] },
    'POST /api/v1/forge-sessions/7/inspection': { bars: [answer] },
  });
  render(within(<Inspect session={7} place={0} />));
  return shop;
}

it('asks for the cause first and then shows what it was', async () => {
  const shop = inspected(BAR, { ...BAR, named: { joint: 2, cause: 'HEAT' }, truth: TRUTH });
  expect(await screen.findByText('1 of 2 joints are open at an edge.')).toBeVisible();
  expect(screen.queryByRole('table')).toBeNull();
  const show = screen.getByRole('button', { name: 'Show what it was' });
  expect(show).toBeDisabled();
  await userEvent.selectOptions(
    screen.getByLabelText('Why is joint 2, from below, open?'),
    'too cold when it was squeezed',
  );
  await userEvent.click(show);
  expect(
    await screen.findByText('Joint 2: oxide on the faces. You named: too cold when it was squeezed.'),
  ).toBeVisible();
  expect(shop.changes()[0]?.body).toEqual({ place: 0, joint: 2, cause: 'HEAT' });
  const rows = inside(screen.getByRole('table')).getAllByRole('row');
  expect(rows[1]).toHaveTextContent(/^2 ?50%oxide on the faces90%$/);
  expect(rows[2]).toHaveTextContent(/^1 ?100%sound99%$/);
});

it('says so where the cause was named', async () => {
  inspected({ ...BAR, named: { joint: 2, cause: 'OXIDE' }, truth: TRUTH });
  expect(await screen.findByText('Joint 2: oxide on the faces. You named it.')).toBeVisible();
});

it('shows everything at once where all is sound', async () => {
  const sound = { ...TRUTH[1], sound: true, bonded: [1, 1], cause: null };
  inspected({
    ...BAR,
    seen: BAR.seen.map((j) => ({ ...j, open: [false, false] })),
    ask: null,
    truth: [TRUTH[0], sound],
  });
  expect(await screen.findByText('No joint is open at the edges.')).toBeVisible();
  expect(screen.getByRole('table')).toBeVisible();
  expect(screen.queryByRole('button')).toBeNull();
});
