import { fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DoneTaps, OutcomeTaps } from './Taps';
import { BOUNCE_MS } from './useTaps';

const nothing = () => undefined;

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** What a row is asked when its first button is tapped at once, and when a moment has passed. */
function tapped(name: RegExp, spy: () => void) {
  const first = screen.getByRole('button', { name });
  fireEvent.click(first);
  const atOnce = vi.mocked(spy).mock.calls.length;
  vi.advanceTimersByTime(BOUNCE_MS);
  fireEvent.click(first);
  return [atOnce, vi.mocked(spy).mock.calls.length];
}

describe('a row that has just come under the glove', () => {
  it('takes no result from a tap that was meant for the act before it', () => {
    const spy = vi.fn();
    render(<OutcomeTaps onOutcome={spy} onUndo={nothing} undoWords={null} />);
    expect(tapped(/^Sound/, spy)).toEqual([0, 1]);
  });

  it('does not end the session', () => {
    const spy = vi.fn();
    render(
      <DoneTaps
        next={null}
        onNext={nothing}
        onEnd={spy}
        onAgain={nothing}
        onUndo={nothing}
        undoWords={null}
      />,
    );
    expect(tapped(/^End/, spy)).toEqual([0, 1]);
  });
});
