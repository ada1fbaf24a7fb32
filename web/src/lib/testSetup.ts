import { afterEach, expect } from 'vitest';
import { unanswered } from './standIn';

afterEach(() => expect(unanswered.splice(0), 'requests without an answer').toEqual([]));
