import { describe, expect, it } from 'vitest';
import { Once } from './useOnce';

interface Note {
  readonly note: string;
  readonly at: string;
}

describe('what is sent once', () => {
  it('stays the same request, its moment too, until it was taken', () => {
    const once = new Once<Note>();
    const first = once.of({ note: 'sound', at: '08:00' });
    const again = once.of({ note: 'sound', at: '08:01' });
    expect(again).toEqual(first);
    expect(again.contents.at).toBe('08:00');
    expect(once.of({ note: 'open', at: '08:02' }).id).not.toBe(first.id);
  });

  it('is another request after it was taken', () => {
    const once = new Once<Note>();
    const first = once.of({ note: 'sound', at: '08:00' });
    once.taken();
    expect(once.of({ note: 'sound', at: '08:00' }).id).not.toBe(first.id);
  });
});
