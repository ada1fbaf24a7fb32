import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { standIn, within } from '../../lib/standIn';
import type { Finding } from './api';
import { Cautions } from './Cautions';
import { strongest } from './FindingMark';
import { Findings } from './Findings';

const note: Finding = {
  id: 'joints-merge',
  severity: 'NOTE',
  safety: false,
  canBeHidden: true,
  hidden: false,
  stage: 3,
  stages: [3, 6],
  about: '',
  actual: null,
  limit: null,
  what: '2 double lines.',
  why: 'Two faces of the same steel meet.',
  action: 'Put a sheet in each joint.',
  record: '',
  remedy: null,
};
const error: Finding = {
  ...note,
  id: 'press-opening',
  severity: 'ERROR',
  canBeHidden: false,
  what: 'Too high.',
  action: 'Lower it.',
};
const caution: Finding = {
  ...note,
  id: 'fume-metals',
  safety: true,
  canBeHidden: false,
  stage: 1,
  stages: [1, 4],
  what: '15N20 contains nickel.',
  action: 'Use extraction.',
};

const shown = (findings: readonly Finding[]) =>
  render(
    <MemoryRouter>{within(<Findings billetId={7} findings={findings} onApply={vi.fn()} />)}</MemoryRouter>,
  );

describe('notes', () => {
  it('can be hidden on this billet or in this shop; errors cannot', async () => {
    const shop = standIn({ 'POST /api/v1/hidden-notes': [] });
    shown([note, error]);
    await userEvent.click(screen.getByRole('button', { name: 'Hide on this billet' }));
    await userEvent.click(screen.getByRole('button', { name: 'Hide in this shop' }));
    await waitFor(() => expect(shop.changes()).toHaveLength(2));
    expect(shop.changes().map((s) => s.body)).toEqual([
      { family: 'joints-merge', billetId: 7 },
      { family: 'joints-merge', billetId: null },
    ]);
  });

  it('that are hidden are counted, leave no mark, and come back', async () => {
    const shop = standIn({
      'GET /api/v1/hidden-notes': [
        { id: 5, family: 'joints-merge', billetId: null },
        { id: 6, family: 'joints-merge', billetId: 8 },
      ],
      'POST /api/v1/hidden-notes/5/show': [],
    });
    const hidden = { ...note, hidden: true };
    shown([hidden, error]);
    expect(screen.queryByText(/sheet in each joint/)).toBeNull();
    expect(screen.getByText('Too high.')).toBeVisible();
    expect(strongest([hidden])).toBeUndefined();
    expect(strongest([hidden, error])).toBe('ERROR');
    await userEvent.click(screen.getByRole('button', { name: 'Show' }));
    expect(screen.getByText(/sheet in each joint/)).toBeVisible();
    await waitFor(() => expect(shop.sent).toHaveLength(1));
    await userEvent.click(screen.getByRole('button', { name: 'Show this note again' }));
    await waitFor(() => expect(shop.changes().map((s) => s.path)).toEqual(['/api/v1/hidden-notes/5/show']));
  });

  it('that cannot be hidden now say why', async () => {
    standIn({
      'POST /api/v1/hidden-notes': () =>
        Response.json({ title: 'No', detail: 'Your rank does not allow this.' }, { status: 403 }),
    });
    shown([note]);
    await userEvent.click(screen.getByRole('button', { name: 'Hide in this shop' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Your rank does not allow this.');
  });
});

describe('cautions of materials', () => {
  it('stand once for the plan and open', async () => {
    render(
      <MemoryRouter>
        <Cautions cautions={[caution, { ...caution, stage: 4 }]} />
      </MemoryRouter>,
    );
    expect(screen.getAllByText('15N20 contains nickel.')).toHaveLength(2);
    expect(screen.getByText(/Use extraction/)).not.toBeVisible();
    await userEvent.click(screen.getByText('Safety:'));
    expect(screen.getByText(/Use extraction/)).toBeVisible();
  });
});
