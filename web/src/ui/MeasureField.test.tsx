import { act, render, screen } from '@testing-library/react';
import { US } from '../units';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { MeasureField } from './MeasureField';
import { Units } from './Words';

function show(commit: (mm: number) => string | null | Promise<null>, value = 38.1) {
  const field = (v: number) => (
    <Units value={US}>
      <MeasureField label="Width" measure="length" value={v} onCommit={commit} />
    </Units>
  );
  const { rerender } = render(field(value));
  return { input: screen.getByRole('textbox', { name: /Width/ }), store: (v: number) => rerender(field(v)) };
}

describe('a figure that is typed', () => {
  it('is taken over on Enter in mm, whatever unit was typed', async () => {
    const commit = vi.fn(() => null);
    const { input } = show(commit);
    await userEvent.clear(input);
    await userEvent.type(input, '38 mm{Enter}');
    expect(commit).toHaveBeenCalledExactlyOnceWith(38);
  });

  it('left as it was does not touch the stored value', async () => {
    const commit = vi.fn(() => null);
    const { input } = show(commit, 38.123456);
    await userEvent.click(input);
    await userEvent.tab();
    expect(commit).not.toHaveBeenCalled();
  });

  it('that cannot be read says so beside the field and stays', async () => {
    const commit = vi.fn(() => null);
    const { input } = show(commit);
    await userEvent.clear(input);
    await userEvent.type(input, 'wide{Enter}');
    expect(commit).not.toHaveBeenCalled();
    expect(screen.getByRole('alert')).toHaveTextContent('“wide” cannot be read');
    expect(input).toHaveValue('wide');
    expect(input).toBeInvalid();
    await userEvent.keyboard('{Escape}');
    expect(input).toHaveValue('1 1/2');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('that is refused says why, and lets go when another value is stored', async () => {
    const { input, store } = show(() => 'This must be more than [[mm 0]].');
    await userEvent.clear(input);
    await userEvent.type(input, '0{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('more than 0 in');
    store(25.4);
    expect(input).toHaveValue('1');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('that is typed while an earlier one is still being stored is not lost', async () => {
    let taken: (wrong: null) => void = () => undefined;
    const commit = vi.fn(() => new Promise<null>((done) => (taken = done)));
    const { input, store } = show(commit);
    await userEvent.clear(input);
    await userEvent.type(input, '3.5 mm{Enter}');
    await userEvent.clear(input);
    await userEvent.type(input, '38 mm');
    store(3.5);
    await act(async () => {
      taken(null);
      await Promise.resolve();
    });
    expect(input).toHaveValue('38 mm');
    await userEvent.keyboard('{Enter}');
    expect(commit).toHaveBeenLastCalledWith(38);
  });
});
