import '@testing-library/jest-dom/vitest';
import { cleanup } from '@testing-library/react';
import { afterEach, expect } from 'vitest';
import { unanswered } from './standIn';

afterEach(() => {
  cleanup();
  expect(unanswered.splice(0), 'requests without an answer').toEqual([]);
});
