import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { keepPages } from './keepPages';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** A browser whose installs of the page keeper end in these states, one after the other. */
function browser(...ends: ('no line' | 'redundant' | 'activated')[]) {
  const register = vi.fn(() => {
    const state = ends.shift();
    if (state === 'no line') return Promise.reject(new TypeError('no line'));
    const installing = Object.assign(new EventTarget(), { state });
    setTimeout(() => installing.dispatchEvent(new Event('statechange')), 1000);
    return Promise.resolve({ installing });
  });
  vi.stubGlobal('navigator', { serviceWorker: { register } });
  return register;
}

it('tries again after an install that broke off, until one is whole', async () => {
  const register = browser('no line', 'redundant', 'activated');
  void keepPages();
  await vi.advanceTimersByTimeAsync(9_000);
  expect(register).toHaveBeenCalledTimes(1);
  await vi.advanceTimersByTimeAsync(20_000);
  expect(register).toHaveBeenCalledTimes(3);
  await vi.advanceTimersByTimeAsync(60_000);
  expect(register).toHaveBeenCalledTimes(3);
});
