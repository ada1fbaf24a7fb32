import { describe, expect, it } from 'vitest';
import type { Stage } from '../billet/api';
import { asked, bladeFor, firstLook, lookFrom } from './looks';

const stage = (over: object = {}) =>
  ({
    lengthMm: 300,
    widthMm: 38,
    heightMm: 6,
    fill: 1,
    form: 'BAR',
    section: { lie: 'DEFORMED', members: [] },
    ...over,
  }) as unknown as Stage;

describe('a first look', () => {
  it('is at the face of bent layers, and at the end of flat ones', () => {
    expect(firstLook(stage(), true).from).toBe('FACE');
    expect(firstLook(stage({ section: { lie: 'LEVEL', members: [] } }), true).from).toBe('END');
    expect(firstLook(stage({ form: 'BLADE' }), true)).toMatchObject({ from: 'BLADE', blade: null });
  });

  it('is in the middle of the bar', () => {
    expect(lookFrom('END', stage(), true, null).atMm).toBe(150);
    expect(lookFrom('ALONG', stage(), true, null).atMm).toBe(19);
    const look = lookFrom('BLADE', stage(), true, null);
    expect(look.atMm + (look.blade?.lengthMm ?? 0) / 2).toBeCloseTo(150);
    expect(look.acrossMm + (look.blade?.widthMm ?? 0) / 2).toBeCloseTo(19);
  });

  it('keeps the blade that was laid, and asks for it only where it is looked at', () => {
    const laid = lookFrom('BLADE', stage(), true, null);
    const narrow = { ...laid, blade: laid.blade && { ...laid.blade, widthMm: 20 } };
    expect(lookFrom('BLADE', stage(), true, lookFrom('END', stage(), true, narrow)).blade?.widthMm).toBe(20);
    expect(asked(lookFrom('END', stage(), true, narrow)).blade).toBeNull();
    expect(asked(narrow)).toBe(narrow);
  });
});

describe('a blade to begin with', () => {
  it('fits the bar and is round in the units of whoever looks', () => {
    expect(bladeFor(stage(), true)).toMatchObject({ lengthMm: 152, widthMm: 28.5, spineMm: 4 });
    expect(bladeFor(stage(), false)).toMatchObject({ lengthMm: 152.4, widthMm: 28.575, spineMm: 3.96875 });
    const small = bladeFor(stage({ lengthMm: 60, widthMm: 10, heightMm: 2 }), true);
    expect(small.lengthMm).toBeLessThan(60);
    expect(small.widthMm).toBeLessThan(10);
    expect(small.spineMm).toBeLessThan(2);
  });
});
