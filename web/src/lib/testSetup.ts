import { afterEach, expect } from 'vitest';
import { unanswered } from './standIn';

/** Nothing has a size without a screen. */
class NoSizes implements ResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver = NoSizes;

afterEach(() => expect(unanswered.splice(0), 'requests without an answer').toEqual([]));
