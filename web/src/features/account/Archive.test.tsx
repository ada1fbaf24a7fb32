import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { refusal, standIn, within, type Sent } from '../../lib/standIn';
import { Archive } from './Archive';

const CONTENTS = {
  id: 'one',
  madeAt: '2026-02-10T09:00:00Z',
  schema: '9',
  schemaHere: '16',
  billets: 1204,
  welds: 9,
  entries: 0,
  sessions: 2,
  photographs: 3,
  people: 1,
  empty: true,
};

const file = new File(['PK'], 'shop.zip', { type: 'application/zip' });

function shown(first: boolean, contents: unknown) {
  const shop = standIn({
    'POST /api/v1/archives': contents,
    'POST /api/v1/archives/one/restore': () => new Response(null, { status: 204 }),
  });
  render(within(<Archive first={first} />));
  return shop;
}

afterEach(() => vi.unstubAllGlobals());

describe('an archive', () => {
  it('shows what is in it before it is restored, with the code each time', async () => {
    const shop = shown(true, CONTENTS);
    await userEvent.type(screen.getByLabelText('Code from the console'), 'ABCD');
    await userEvent.upload(screen.getByLabelText('Archive file'), file);
    expect(screen.queryByText('Restore this shop')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Show contents' }));
    const contents = await screen.findByRole('region', { name: 'Contents of the archive' });
    expect(contents).toHaveTextContent('1,204');
    expect(contents).toHaveTextContent('earlier release');
    await userEvent.click(screen.getByRole('button', { name: 'Restore this shop' }));
    expect(shop.changes().map((s: Sent) => [s.path, s.headers['owner-code']])).toEqual([
      ['/api/v1/archives', 'ABCD'],
      ['/api/v1/archives/one/restore', 'ABCD'],
    ]);
    expect(shop.sent[0]?.headers['content-type']).toBe('application/zip');
  });

  it('is only looked into where there is a shop', async () => {
    shown(false, { ...CONTENTS, empty: false });
    await userEvent.upload(screen.getByLabelText('Archive file'), file);
    await userEvent.click(screen.getByRole('button', { name: 'Show contents' }));
    await screen.findByRole('region', { name: 'Contents of the archive' });
    expect(screen.queryByText('Restore this shop')).toBeNull();
    expect(screen.queryByLabelText('Code from the console')).toBeNull();
  });

  it('says beside the file or the code what is wrong with it', async () => {
    shown(true, ({ headers }: Sent) =>
      headers['owner-code'] === 'X'
        ? refusal(422, 'This is not the code.', '/code')
        : refusal(422, 'This is no archive.', '/archive'),
    );
    await userEvent.type(screen.getByLabelText('Code from the console'), 'X');
    await userEvent.upload(screen.getByLabelText('Archive file'), file);
    await userEvent.click(screen.getByRole('button', { name: 'Show contents' }));
    expect(await screen.findByText('This is not the code.')).toBeVisible();
    await userEvent.type(screen.getByLabelText('Code from the console'), 'Y');
    await userEvent.click(screen.getByRole('button', { name: 'Show contents' }));
    expect(await screen.findByText('This is no archive.')).toBeVisible();
  });
});
