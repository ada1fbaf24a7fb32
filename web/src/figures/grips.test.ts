import { describe, expect, it } from 'vitest';
import { layOut } from './bars';
import { dragged, gripsOf } from './grips';
import { atHeat, span, ticks } from './heatAxis';
import { shelfScale } from './shelf';

const row = {
  count: 1,
  lengthMm: 100,
  heightMm: 20,
  kerfMm: 0,
  frontMm: 10,
  backMm: 5,
  asideCount: 0,
  asideLengthMm: 0,
  bottomMm: 0,
  topMm: 0,
};

describe('edges that can be dragged', () => {
  const figure = layOut(row, 2);

  it('stand at the bar they change', () => {
    const [front, back] = gripsOf({ kind: 'trim', frontMm: 10, backMm: 5, sidesMm: 0 }, figure, 2);
    expect(front).toMatchObject({ field: 'frontMm', x: 20 });
    expect(back).toMatchObject({ field: 'backMm', x: 220 });
    expect(gripsOf({ kind: 'cut', pieces: 3, kerfMm: 1, eachMm: 0 }, figure, 2)).toEqual([]);
  });

  it('follow the hand in the right direction, to a round size', () => {
    const [front, back] = gripsOf({ kind: 'trim', frontMm: 10, backMm: 5, sidesMm: 0 }, figure, 2);
    const [height] = gripsOf({ kind: 'draw', widthMm: 40, heightMm: 20, heats: 1, tool: 'ROUND' }, figure, 2);
    if (!front || !back || !height) throw new Error('A grip is missing.');
    expect(dragged(front, 11, true)).toBe(15.5);
    expect(dragged(back, 4, true)).toBe(3);
    expect(dragged(height, 5, true)).toBe(15);
    expect(dragged(front, 11, false) % (25.4 / 32)).toBeCloseTo(0, 9);
  });

  it('stop at nothing', () => {
    const [front] = gripsOf({ kind: 'trim', frontMm: 10, backMm: 5, sidesMm: 0 }, figure, 2);
    const [length] = gripsOf({ kind: 'stack', lengthMm: 100 }, figure, 2);
    if (!front || !length) throw new Error('A grip is missing.');
    expect(dragged(front, -500, true)).toBe(0);
    expect(dragged(length, -5000, true)).toBe(0.5);
  });
});

describe('the heat axis', () => {
  const axis = { fromC: 100, toC: 1100, width: 500 };

  it('is straight and ends at its ends', () => {
    expect(atHeat(axis, 600)).toBe(250);
    expect(atHeat(axis, 0)).toBe(0);
    expect(atHeat(axis, 3000)).toBe(500);
    expect(span(axis, 600, 700)).toEqual({ x: 250, width: 50 });
    expect(span(axis, 600, 600).width).toBe(1);
  });

  it('is ticked in round figures of either unit', () => {
    expect(ticks(true).every((c) => c % 200 === 0)).toBe(true);
    expect(ticks(false).map((c) => Math.round(c * 1.8 + 32) % 400)).toEqual([0, 0, 0, 0, 0, 0]);
  });
});

it('the Rack has one scale at which the widest and the highest end fit', () => {
  const scale = shelfScale(
    [
      { widthMm: 40, heightMm: 20 },
      { widthMm: 30, heightMm: 60 },
    ],
    { width: 160, height: 180 },
  );
  expect(scale).toBe(3);
  expect(shelfScale([], { width: 160, height: 180 })).toBe(160);
});
