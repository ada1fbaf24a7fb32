import { describe, expect, it } from 'vitest';
import { bands, canBeSeen, commonScale, extentMm, layOut, type Row } from './bars';

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

  it('draws bars set aside after those that stay', () => {
    const figure = layOut(bar({ count: 2, lengthMm: 50, asideCount: 2, asideLengthMm: 50 }), 1);
    expect(figure.aside).toHaveLength(2);
    expect(figure.aside[0]?.x).toBeGreaterThan(103);
    expect(extentMm(bar({ count: 2, lengthMm: 50, asideCount: 2, asideLengthMm: 50 }))).toBe(200);
  });

  it('keeps bars apart where the kerf is too thin to be seen', () => {
    const { bars } = layOut(bar({ count: 3, lengthMm: 50, kerfMm: 0.1 }), 1);
    expect(bars.map((b) => b.x)).toEqual([0, 53, 106]);
    expect(layOut(bar({ count: 2, lengthMm: 50, kerfMm: 10 }), 1).bars[1]?.x).toBe(60);
  });

  it('stands a measured bar on the line of the one that was planned', () => {
    const { planned, bars } = layOut(bar({ plannedLengthMm: 160, plannedHeightMm: 44 }), 1);
    expect(planned[0]).toMatchObject({ x: 0, width: 160, height: 44 });
    const foot = (b: { y: number; height: number } | undefined) => (b ? b.y + b.height : NaN);
    expect(foot(planned[0])).toBe(foot(bars[0]));
  });

  it('draws no more than forty bars, and none too thin to see', () => {
    const { bars, left } = layOut(bar({ count: 64, lengthMm: 0.001, heightMm: 0.001 }), 1);
    expect(bars).toHaveLength(40);
    expect(left).toBe(24);
    expect(bars[0]).toMatchObject({ width: 1, height: 2 });
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
});
