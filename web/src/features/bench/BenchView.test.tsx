import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Units } from '../../ui/Words';
import { refusal, standIn, within, type Sent } from '../../lib/standIn';
import { BenchView } from './BenchView';

const stage = (more: object) => ({
  off: false,
  count: 1,
  widthMm: 30,
  heightMm: 10,
  lengthMm: 200,
  marks: null,
  stops: null,
  ...more,
});
const BILLET = {
  id: 7,
  name: 'Net needle',
  plan: {
    stack: { pieces: [] },
    steps: [
      { key: 's1', operation: { kind: 'grind', bottomMm: 1, topMm: 1 } },
      { key: 's2', operation: { kind: 'cut', pieces: 2, pieceMm: null, kerfMm: 2 } },
    ],
    parts: [],
  },
  run: {
    parts: {},
    cautions: [],
    findings: [],
    stages: [
      stage({}),
      stage({ heightMm: 8 }),
      stage({ count: 2, lengthMm: 99, marks: { fromEndMm: [99], pieceMm: 99, leftMm: 0 } }),
    ],
  },
  welds: [],
};

function shown(done: Record<string, number | null>, write?: (sent: Sent) => Response) {
  let notes = done;
  const shop = standIn({
    'GET /api/v1/billets/7': BILLET,
    'GET /api/v1/billets/7/work': () =>
      Response.json(['s1', 's2'].map((path) => ({ path, done: path in notes, noteId: notes[path] ?? null }))),
    'POST /api/v1/plans/cut-list': { bars: [], missing: [], massKg: 0, price: 0, proven: true, kerfMm: 2 },
    'POST /api/v1/billets/7/entries':
      write ??
      (({ body }: Sent) => {
        const { noted } = body as { noted: { stepKey: string; done: boolean } };
        if (noted.done) notes = { ...notes, [noted.stepKey]: 4 };
        return Response.json({ id: 4, photos: [] });
      }),
    'POST /api/v1/book/entries/4/photos': { id: 4, photos: [] },
    'POST /api/v1/book/entries/4/delete': () => {
      notes = {};
      return new Response(null, { status: 204 });
    },
  });
  render(
    within(
      <Units value={{ system: 'METRIC', chosen: {} }}>
        <MemoryRouter initialEntries={['/billets/7/bench']}>
          <Routes>
            <Route path="/billets/:id/bench" element={<BenchView />} />
          </Routes>
        </MemoryRouter>
      </Units>,
    ),
  );
  return shop;
}

const title = () => screen.findByRole('heading', { level: 1 });

afterEach(() => vi.unstubAllGlobals());

describe('a billet at the bench', () => {
  it('begins with the pieces to cut, then one step at a time', async () => {
    shown({});
    expect(await title()).toHaveTextContent('Cut the pieces');
    expect(screen.getByText('0 of 2 steps done')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Next' }));
    expect(await title()).toHaveTextContent('Grind');
    expect(screen.getByLabelText('Size after it')).toHaveTextContent('8 mm');
  });

  it('opens at the step that is next, with its marks', async () => {
    shown({ s1: null });
    expect(await title()).toHaveTextContent('Cut');
    expect(screen.getByLabelText('Marks')).toHaveTextContent('99 mm');
    expect(screen.getByRole('button', { name: 'Next' })).toBeDisabled();
  });

  it('ticks a step off, goes on, and takes it back', async () => {
    const shop = shown({});
    await userEvent.click(await screen.findByRole('button', { name: 'Next' }));
    await userEvent.click(screen.getByRole('button', { name: 'Done' }));
    await waitFor(async () => expect(await title()).toHaveTextContent('Cut'));
    expect(shop.changes().find((c) => c.path.endsWith('/entries'))?.body).toMatchObject({
      noted: { stepKey: 's1', done: true, note: '' },
    });
    await userEvent.click(screen.getByRole('button', { name: 'Back' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Not done' }));
    expect(await screen.findByRole('button', { name: 'Done' })).toBeEnabled();
  });

  it('photographs a step without ticking it off', async () => {
    const shop = shown({ s1: null });
    await title();
    const photo = new File(['x'], 'edge.jpg', { type: 'image/jpeg' });
    await userEvent.upload(screen.getByLabelText('Photo', { selector: 'input' }), photo);
    expect(await screen.findByText('Saved in the Book')).toBeVisible();
    expect(shop.changes().find((c) => c.path.endsWith('/entries'))?.body).toMatchObject({
      noted: { stepKey: 's2', done: false },
    });
    expect(await title()).toHaveTextContent('Cut');
  });

  it('says why a tick was refused and stays where it is', async () => {
    shown({ s1: null }, () => refusal(422, 'The plan has no such step.', '/stepKey'));
    await userEvent.click(await screen.findByRole('button', { name: 'Done' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The plan has no such step.');
    expect(await title()).toHaveTextContent('Cut');
  });
});
