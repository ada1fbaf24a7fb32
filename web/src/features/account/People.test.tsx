import { render, screen, waitFor, within as inside } from '@testing-library/react';
import { US } from '../../units';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within, type Sent } from '../../lib/standIn';
import { Units } from '../../ui/Words';
import type { Person, SignInLength } from './api';
import { People } from './People';

const OWNER: Person = { id: 1, login: 'wharf', name: 'Wharf smithy', rank: 'OWNER', mayEnter: true };
const TONGS: Person = { id: 2, login: 'tongs', name: 'Mara', rank: 'APPRENTICE', mayEnter: true };

function opened(answers: Record<string, (sent: Sent) => Response> = {}) {
  let lengths: SignInLength[] = [
    { rank: 'OWNER', days: 30 },
    { rank: 'GUEST', days: 12 },
  ];
  const asked = standIn({
    'GET /api/v1/people': [OWNER, TONGS],
    'GET /api/v1/sign-in-lengths': () => Response.json(lengths),
    'PUT /api/v1/sign-in-lengths/GUEST': ({ body }: Sent) => {
      lengths = lengths.map((l) => (l.rank === 'GUEST' ? { ...l, ...(body as { days: number }) } : l));
      return Response.json(lengths);
    },
    ...answers,
  });
  render(
    within(
      <Units value={US}>
        <People />
      </Units>,
    ),
  );
  return asked;
}

afterEach(() => vi.unstubAllGlobals());

describe('the people of the shop', () => {
  it('offers a length chosen elsewhere too, and shows the one just chosen', async () => {
    opened();
    const guest = await screen.findByRole('combobox', { name: 'Guest' });
    expect(
      inside(guest)
        .getAllByRole('option')
        .map((o) => o.textContent),
    ).toEqual(['1 day', '7 days', '12 days', '30 days', '90 days']);
    await userEvent.selectOptions(guest, '1 day');
    await waitFor(() => expect(guest).toHaveDisplayValue('1 day'));
    expect(inside(guest).queryByRole('option', { name: '12 days' })).toBeNull();
  });

  it('says why somebody cannot be blocked', async () => {
    const asked = opened({
      'PUT /api/v1/people/1': () => refusal(422, 'Nobody else is owner.', '/rank'),
    });
    const [block] = await screen.findAllByRole('button', { name: 'Block' });
    await userEvent.click(block as HTMLElement);
    expect(await screen.findByRole('alert')).toHaveTextContent('Nobody else is owner.');
    expect(asked.changes().map((s) => s.body)).toEqual([{ rank: 'OWNER', mayEnter: false }]);
  });

  it('adds a person with a reason beside the field that is wrong', async () => {
    let refuse = true;
    const asked = opened({
      'POST /api/v1/people': () =>
        refuse ? refusal(422, 'Somebody has this sign-in name already.', '/login') : Response.json(TONGS),
    });
    const form = inside(await screen.findByRole('form', { name: 'Add person' }));
    await userEvent.type(form.getByRole('textbox', { name: 'Name' }), 'Jory');
    await userEvent.type(form.getByRole('textbox', { name: 'Sign-in name' }), 'tongs');
    await userEvent.click(form.getByRole('button', { name: 'Add person' }));
    expect(await form.findByText('Somebody has this sign-in name already.')).toBeVisible();
    expect(form.getByRole('textbox', { name: 'Sign-in name' })).toBeInvalid();
    refuse = false;
    await userEvent.click(form.getByRole('button', { name: 'Add person' }));
    await waitFor(() => expect(form.getByRole('textbox', { name: 'Name' })).toHaveValue(''));
    const sent = asked.sent.filter((s) => s.path === '/api/v1/people' && s.method === 'POST');
    expect(sent.map((s) => s.body)).toEqual([
      expect.objectContaining({ name: 'Jory', login: 'tongs', rank: 'APPRENTICE', units: 'INCH' }),
      expect.objectContaining({ name: 'Jory', login: 'tongs' }),
    ]);
  });
});
