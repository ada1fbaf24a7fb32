import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { colorsNear, Looks } from './Looks';

const looks = (ask: 'SHADOW' | 'COLOR' | null, onSeen = vi.fn()) => {
  render(<Looks ask={ask} skinC={1130} isFluxed={false} isFuelled onSeen={onSeen} />);
  return onSeen;
};

it('asks for the look that says most, one tap an answer', async () => {
  const seen = looks('SHADOW');
  await userEvent.click(screen.getByRole('button', { name: 'One color across' }));
  expect(seen).toHaveBeenCalledExactlyOnceWith('NO_SHADOW', undefined);
  expect(screen.queryByText(/flux/)).toBeNull();
});

it('offers colors round the skin it believes in, with what each is at', async () => {
  const seen = looks('COLOR');
  expect(screen.getAllByRole('button').slice(0, 5)).toHaveLength(5);
  await userEvent.click(screen.getByRole('button', { name: /light orange/ }));
  expect(seen).toHaveBeenCalledExactlyOnceWith('COLOR', 1050);
});

it('keeps to the table at both ends', () => {
  expect(colorsNear(20).map((c) => c.figure)).toEqual([600, 650, 700, 750, 800]);
  expect(colorsNear(1500).at(-1)).toMatchObject({ words: 'white', figure: 1350 });
});

it('has everything else a tap away and closes after an answer', async () => {
  const seen = looks(null);
  expect(screen.queryByRole('group')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Record what you see' }));
  await userEvent.click(screen.getByRole('button', { name: 'The flame is out' }));
  expect(seen).toHaveBeenCalledExactlyOnceWith('FUEL_OUT', undefined);
  expect(screen.queryByRole('group')).toBeNull();
});
