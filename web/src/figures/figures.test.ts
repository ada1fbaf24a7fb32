import { describe, expect, it } from 'vitest';
import { bands, canBeSeen, commonScale, extentMm, layOut, type Row } from './bars';
import { heatColour } from './heat';
import { patches, sideOf, type Section } from './section';
import { meanTone, toneColour } from './tone';

const bar = (over: Partial<Row> = {}): Row => ({
  count: 1,
  lengthMm: 100,
  heightMm: 40,
  kerfMm: 0,
  frontMm: 0,
  backMm: 0,
  asideCount: 0,
  asideLengthMm: 0,
  bottomMm: 0,
  topMm: 0,
  ...over,
});

describe('the Run', () => {
  it('has one scale at which the longest row just fits', () => {
    const rows = [bar(), bar({ lengthMm: 500, heightMm: 8 })];
    const scale = commonScale(rows, 600);
    expect(scale).toBeCloseTo(1.2, 9);
    const last = layOut(bar({ lengthMm: 500, heightMm: 8 }), scale).bars[0];
    expect(last?.width).toBeCloseTo(600, 6);
    expect(last?.height).toBeCloseTo(9.6, 6);
  });

  it('keeps every bar right of the bench stop and its neighbours apart', () => {
    const row = bar({ count: 5, lengthMm: 50, kerfMm: 1.6 });
    const figure = layOut(row, 1);
    expect(figure.bars).toHaveLength(5);
    figure.bars.slice(1).forEach((b, i) => {
      const before = figure.bars[i];
      expect(b.x).toBeGreaterThan((before?.x ?? 0) + (before?.width ?? 0));
    });
    expect(figure.bars[0]?.x).toBe(0);
  });

  it('shows trimmed ends where they were and ground skin round the bar', () => {
    const figure = layOut(bar({ frontMm: 10, backMm: 20, topMm: 1, bottomMm: 2 }), 2);
    expect(figure.ghosts).toEqual([
      { x: 0, y: 2, width: 20, height: 80 },
      { x: 220, y: 2, width: 40, height: 80 },
    ]);
    expect(figure.skins[0]).toEqual({ x: 20, y: 0, width: 200, height: 86 });
    expect(figure.height).toBe(86);
    expect(extentMm(bar({ frontMm: 10, backMm: 20 }))).toBe(130);
  });

  it('says how many bars it does not draw', () => {
    expect(layOut(bar({ count: 100, lengthMm: 1 }), 1).left).toBe(60);
  });
});

describe('layers', () => {
  it('fill the height, the top layer first', () => {
    const drawn = bands({ steels: ['D', 'B'], steel: [0, 1], thicknessMm: [3, 1] }, 40);
    expect(drawn).toEqual([
      { steel: 'B', y: 0, height: 10 },
      { steel: 'D', y: 10, height: 30 },
    ]);
  });

  it('are drawn only where they can be told apart', () => {
    expect(canBeSeen(61, 41)).toBe(true);
    expect(canBeSeen(61, 40)).toBe(false);
  });

  it('too fine to see are the mean tone', () => {
    // 0.35 by thickness; by light, 0.067 and 0.471 of what a white sheet sends back, it is brighter.
    expect(meanTone({ D: 0.75, B: 0.25 }, (s) => (s === 'D' ? 0.2 : 0.8))).toBeCloseTo(0.423, 3);
    expect(meanTone({ B: 1 }, () => 0.8)).toBeCloseTo(0.8, 9);
  });
});

it('tones and heat keep to their ends', () => {
  expect(toneColour(-1)).toBe(toneColour(0));
  expect(toneColour(2)).toBe(toneColour(1));
  expect(heatColour(20)).toBe('rgb(90 10 6)');
  expect(heatColour(1175)).toBe('rgb(255 202 101)');
  expect(heatColour(2000)).toBe('rgb(255 250 228)');
});

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
    lie: 'UPON',
    layers: null,
    members,
  });
  const beside = (members: Section[]): Section => ({ ...upon(members), lie: 'BESIDE' });
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

  it('draws bars set aside after those that stay', () => {
    const figure = layOut(bar({ count: 2, lengthMm: 50, asideCount: 2, asideLengthMm: 50 }), 1);
    expect(figure.aside).toHaveLength(2);
    expect(figure.aside[0]?.x).toBeGreaterThan(103);
    expect(extentMm(bar({ count: 2, lengthMm: 50, asideCount: 2, asideLengthMm: 50 }))).toBe(200);
  });
});
