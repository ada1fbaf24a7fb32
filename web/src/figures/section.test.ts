import { describe, expect, it } from 'vitest';
import { patches, sideOf, type Section } from './section';

describe('a section', () => {
  const flat = (widthMm: number, heightMm: number): Section => ({
    lie: 'LEVEL',
    widthMm,
    heightMm,
    layers: { steels: ['D'], steel: [0], thicknessMm: [heightMm] },
    bySteel: { D: 1 },
    members: [],
  });
  const upon = (members: Section[]): Section => ({
    ...flat(10, 30),
    lie: 'ONE_ON_ANOTHER',
    layers: null,
    members,
  });
  const beside = (members: Section[]): Section => ({ ...upon(members), lie: 'SIDE_BY_SIDE' });
  const box = { x: 0, y: 0, width: 100, height: 60 };

  it('is taken apart into its members, the first at the bottom or on the left', () => {
    const [low, high] = patches(upon([flat(10, 10), flat(10, 20)]), box);
    expect(low?.box.y).toBeCloseTo(40, 9);
    expect(low?.box.height).toBeCloseTo(20, 9);
    expect(high?.box.y).toBeCloseTo(0, 9);
    expect(high?.box.height).toBeCloseTo(40, 9);
    const [left, right] = patches(beside([flat(10, 30), flat(30, 30)]), box);
    expect(left?.box).toEqual({ x: 0, y: 0, width: 25, height: 60 });
    expect(right?.box).toEqual({ x: 25, y: 0, width: 75, height: 60 });
  });

  it('shows layers from the side only where they lie level', () => {
    expect(sideOf(flat(10, 30)).layers).not.toBeNull();
    expect(sideOf({ ...flat(10, 30), lie: 'ON_EDGE' }).layers).toBeNull();
    expect(
      sideOf(upon([flat(10, 10), { ...flat(10, 20), lie: 'ON_EDGE' }])).members[0]?.layers,
    ).not.toBeNull();
  });
});
