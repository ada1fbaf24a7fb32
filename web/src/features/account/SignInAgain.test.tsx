import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { answered, api, apiAtOnce } from '../../lib/http';
import { setPerson } from '../../lib/person';
import { endWait, isSignedOut } from '../../lib/signedOut';
import { refusal, standIn, type Sent } from '../../lib/standIn';
import { SignInAgain } from './SignInAgain';

const SIGNED_OUT = () => refusal(401, 'This needs a signed-in smith.');

/** A shop whose sign-in has ended until the right password comes. */
function shop() {
  let signedIn = false;
  const asked = standIn({
    'PUT /api/v1/shop': ({ body }: Sent) => (signedIn ? Response.json({ kept: body }) : SIGNED_OUT()),
    'GET /api/v1/billets': () => (signedIn ? Response.json(['Froe']) : SIGNED_OUT()),
    'POST /api/v1/sign-in': ({ body }: Sent) => {
      signedIn = new URLSearchParams(body as string).get('password') === 'low-tide-forge';
      return signedIn
        ? new Response(null, { status: 204 })
        : refusal(401, 'The name or the password is wrong.');
    },
  });
  render(<SignInAgain />);
  return asked;
}

beforeEach(() => {
  setPerson('wharf');
});
afterEach(() => {
  endWait(false);
  setPerson(null);
  vi.unstubAllGlobals();
});

describe('a sign-in that ends while a page is open', () => {
  it('comes back in place, and what was asked meanwhile goes on', async () => {
    const asked = shop();
    expect(screen.queryByRole('form')).toBeNull();
    const stored = answered(api.PUT('/api/v1/shop', { body: { kerf: 2 } as never }));
    const read = answered(api.GET('/api/v1/billets'));
    await userEvent.type(await screen.findByLabelText('Password of wharf'), 'low-tide-forge{Enter}');
    expect(await stored).toEqual({ kept: { kerf: 2 } });
    expect(await read).toEqual(['Froe']);
    await waitFor(() => expect(screen.queryByRole('form')).toBeNull());
    expect(asked.sent.filter((s) => s.path === '/api/v1/shop')).toHaveLength(2);
  });

  it('says beside the field that the password is wrong, and goes on waiting', async () => {
    shop();
    void api.PUT('/api/v1/shop', { body: {} as never }).catch(() => undefined);
    await userEvent.type(await screen.findByLabelText('Password of wharf'), 'wrong{Enter}');
    expect(await screen.findByText('The name or the password is wrong.')).toBeVisible();
    expect(isSignedOut()).toBe(true);
  });

  it('is told at once to what cannot wait', async () => {
    shop();
    await expect(apiAtOnce.PUT('/api/v1/shop', { body: {} as never })).rejects.toMatchObject({ status: 401 });
    expect(await screen.findByRole('form', { name: 'Sign in again' })).toBeVisible();
  });

  it('is no matter on a page where nobody was signed in', async () => {
    setPerson(null);
    shop();
    await expect(answered(api.GET('/api/v1/billets'))).rejects.toMatchObject({ status: 401 });
    expect(screen.queryByRole('form')).toBeNull();
  });
});
