import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within, type Sent } from '../../lib/standIn';
import { Devices } from './Devices';
import { DeviceSignIn } from './DeviceSignIn';

const QR = { dots: 21, path: 'M0 0h1v1h-1z' };
const CLOSED = {
  open: false,
  mayChoose: true,
  origin: '',
  trustPage: '',
  trustCode: { dots: 0, path: '' },
  hosts: [],
  fingerprint: '',
  certificateUntil: null,
};
const OPEN = {
  ...CLOSED,
  open: true,
  origin: 'https://192.168.7.20:8443',
  trustPage: 'http://192.168.7.20:8480/',
  trustCode: QR,
  fingerprint: 'AB CD',
};
const device = (name: string) => ({
  id: name,
  login: 'wharf',
  name,
  since: new Date().toISOString(),
  lastUsed: '2026-02-10T09:00:00Z',
  here: false,
});

function shown(network: unknown, rank = 'OWNER') {
  let devices = [device('Phone at the saw')];
  // Used between the first time and the second time that is asked.
  let made: ReturnType<typeof device> | null = null;
  const shop = standIn({
    'GET /api/v1/session': { units: { system: 'METRIC', chosen: {} }, login: 'wharf', rank },
    'GET /api/v1/network': network,
    'PUT /api/v1/network': ({ body }: Sent) =>
      Response.json((body as { open: boolean }).open ? OPEN : CLOSED),
    'GET /api/v1/devices': () => {
      const now = devices;
      if (made && !devices.includes(made)) devices = [...devices, made];
      return Response.json(now);
    },
    'POST /api/v1/devices/codes': ({ body }: Sent) => {
      made = device((body as { name: string }).name);
      return Response.json({
        code: '01234567',
        until: new Date(Date.now() + 600_000).toISOString(),
        address: `${OPEN.origin}/device#01234567`,
        qr: QR,
      });
    },
    'POST /api/v1/devices/Phone%20at%20the%20saw/shut-out': () => {
      devices = [];
      return new Response(null, { status: 204 });
    },
  });
  render(within(<Devices />));
  return shop;
}

afterEach(() => vi.unstubAllGlobals());

describe('devices', () => {
  it('are let in by the owner, while the shop runs', async () => {
    const shop = shown(CLOSED);
    await userEvent.click(await screen.findByRole('button', { name: 'Open to this network' }));
    expect(await screen.findByText('AB CD')).toBeVisible();
    expect(shop.changes()[0]?.body).toEqual({ open: true });
    await userEvent.click(screen.getByRole('button', { name: 'Close to this network' }));
    expect(await screen.findByText('Only this computer can open the shop.')).toBeVisible();
  });

  it('are not let in by anyone else, nor where the settings decide', async () => {
    shown(CLOSED, 'SMITH');
    await screen.findByText('Only this computer can open the shop.');
    expect(screen.queryByRole('button', { name: 'Open to this network' })).toBeNull();
  });

  it('sign in by a code, which says when it was used', async () => {
    shown(OPEN);
    await userEvent.type(await screen.findByLabelText('Name of the device'), 'Tablet');
    await userEvent.click(screen.getByRole('button', { name: 'Show code' }));
    expect(await screen.findByText('0123 4567')).toBeVisible();
    expect(await screen.findByText('Tablet is signed in.', {}, { timeout: 4000 })).toBeVisible();
  });

  it('are shut out after a second tap', async () => {
    const shop = shown(OPEN);
    await userEvent.click(await screen.findByRole('button', { name: 'Shut out Phone at the saw' }));
    expect(shop.changes()).toHaveLength(0);
    await userEvent.click(screen.getByRole('button', { name: 'Shut out Phone at the saw now' }));
    await vi.waitFor(() => expect(screen.queryByText('Phone at the saw')).toBeNull());
  });
});

describe('signing a device in', () => {
  const enter = (answer: unknown) => {
    const shop = standIn({
      'GET /api/v1/session': { units: { system: 'METRIC', chosen: {} }, login: null, rank: null },
      'POST /api/v1/devices/sign-in': answer,
    });
    render(
      within(
        <MemoryRouter>
          <DeviceSignIn />
        </MemoryRouter>,
      ),
    );
    return shop;
  };

  it('sends the eight digits', async () => {
    const shop = enter(() => new Response(null, { status: 204 }));
    const button = await screen.findByRole('button', { name: 'Sign this device in' });
    await userEvent.type(screen.getByLabelText('Code'), '0123 456');
    expect(button).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Code'), '7');
    await userEvent.click(button);
    await vi.waitFor(() => expect(shop.changes()[0]?.body).toEqual({ code: '0123 4567' }));
  });

  it('says beside the code that it has ended', async () => {
    enter(() => refusal(422, 'This code is not valid.', '/code'));
    await userEvent.type(await screen.findByLabelText('Code'), '01234567');
    await userEvent.click(screen.getByRole('button', { name: 'Sign this device in' }));
    expect(await screen.findByText('This code is not valid.')).toBeVisible();
  });
});
