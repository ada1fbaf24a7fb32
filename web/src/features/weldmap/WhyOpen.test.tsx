import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import type { Plan } from '../billet/plan';
import { WhyOpen } from './WhyOpen';

const PLAN = {
  stack: { pieces: [], widthMm: 38, lengthMm: 150 },
  steps: [],
  parts: [],
  wanted: [],
} as Plan;

afterEach(() => vi.unstubAllGlobals());

function asked(answer: unknown) {
  const shop = standIn({ 'POST /api/v1/plans/why-open': answer });
  render(within(<WhyOpen plan={PLAN} step="edge/s1" place={{ joint: 3, along: 0.25, across: null }} />));
  return shop;
}

it('asks only when it is tapped, for the place of the flaw, and ranks the causes', async () => {
  const shop = asked({
    logged: false,
    suspects: [
      { cause: 'oxide on the faces', weight: 0.71, evidence: 'Air reaches the joint.' },
      { cause: 'too cold when pressed', weight: 0.2, evidence: 'Pressed late.' },
    ],
    check: 'Break a coupon from there.',
  });
  expect(shop.changes()).toHaveLength(0);
  await userEvent.click(screen.getByRole('button', { name: 'Why did it open?' }));
  const causes = await screen.findAllByRole('listitem');
  expect(causes[0]).toHaveTextContent(/71.*oxide on the faces.*Air reaches/);
  expect(causes[1]).toHaveTextContent(/20.*too cold/);
  expect(screen.getByText(/Break a coupon/)).toBeVisible();
  expect(screen.getByText(/From the plan alone/)).toBeVisible();
  expect(shop.changes()[0]?.body).toMatchObject({ step: 'edge/s1', joint: 3, along: 0.25, across: null });
});

it('says where nothing can be said', async () => {
  asked({ logged: false, suspects: [], check: null });
  await userEvent.click(screen.getByRole('button', { name: 'Why did it open?' }));
  expect(await screen.findByText(/do not run level/)).toBeVisible();
});

it('says so where the log of the session was read', async () => {
  const shop = standIn({
    'POST /api/v1/plans/why-open': {
      logged: true,
      suspects: [{ cause: 'too cold when pressed', weight: 0.9, evidence: 'By the log it was cold.' }],
      check: null,
    },
  });
  render(within(<WhyOpen plan={PLAN} step="s1" session={12} />));
  await userEvent.click(screen.getByRole('button', { name: 'Why did it open?' }));
  expect(await screen.findByText(/From what was logged at the fire/)).toBeVisible();
  expect(shop.changes()[0]?.body).toMatchObject({ step: 's1', session: 12 });
});
