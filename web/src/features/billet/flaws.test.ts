import { METRIC, US } from '../../units';
import { describe, expect, it } from 'vitest';
import type { Spot } from '../book/api';
import type { Stage } from './api';
import { flawBox, flawsAt, sessionThatMade, waysOut, type FlawView } from './flaws';

const STAGE = { count: 1, widthMm: 40, heightMm: 30, lengthMm: 200, fill: 1 } as Stage;
const WELD = {
  kind: 'set',
  heats: 3,
  reduction: 0.08,
  temperatureC: 1180,
  soakMin: 15,
  protection: 'DRY',
  tack: 'SIDES',
  jacket: 'BEAD',
  tool: 'FLAT',
  bites: 0,
} as const;
const SPOT: Spot = { bar: 0, fromXMm: 0, toXMm: 24, fromYMm: 0, toYMm: 6, fromZMm: 10, toZMm: 10 };

const decisions = (spot: Spot, stage = STAGE) => waysOut(spot, stage, WELD, METRIC);

describe('ways out of a flaw', () => {
  it('trims the nearer end with a little beyond, and grinds where least is lost', () => {
    const ways = decisions(SPOT);
    expect(ways.map((w) => w.decision)).toEqual(['TRIM', 'GRIND', 'REWELD', 'WATCH', 'SCRAP']);
    expect(ways[0]?.operation).toEqual({ kind: 'trim', frontMm: 26, backMm: 0, sidesMm: 0 });
    expect(ways[1]?.operation).toEqual({ kind: 'trim', frontMm: 0, backMm: 0, sidesMm: 6.5 });
    const far = decisions({ ...SPOT, fromXMm: 180, toXMm: 200 });
    expect(far[0]?.operation).toEqual({ kind: 'trim', frontMm: 0, backMm: 22, sidesMm: 0 });
  });

  it('does not offer to trim what lies in the middle, nor to grind half the bar away', () => {
    const middle = { ...SPOT, fromXMm: 90, toXMm: 110, fromYMm: 0, toYMm: 40, fromZMm: 15, toZMm: 15 };
    expect(decisions(middle).map((w) => w.decision)).toEqual(['REWELD', 'WATCH', 'SCRAP']);
  });

  it('names the bar where there are several', () => {
    const ways = decisions({ ...SPOT, bar: 2 }, { ...STAGE, count: 5 });
    expect(ways.find((w) => w.decision === 'SET_ASIDE')?.operation).toMatchObject({ pieces: 1, which: [3] });
    expect(ways.find((w) => w.decision === 'SCRAP')?.operation).toEqual({ kind: 'scrap', which: [3] });
  });

  it('rounds to what is set on a saw', () => {
    const [trim] = waysOut(SPOT, STAGE, WELD, US);
    expect(trim?.operation).toMatchObject({ frontMm: 26.19375 });
  });
});

describe('a flaw', () => {
  it('is drawn where it lies on the side of the bar', () => {
    const box = { x: 10, y: 5, width: 400, height: 60 };
    expect(flawBox(SPOT, STAGE, box)).toEqual({ x: 10, y: 45, width: 48, height: 0 });
  });

  it('is found at its stage only, and not in a bar set aside', () => {
    const at = (stage: number, aside: boolean) => ({ part: '', stage, spot: SPOT, aside });
    const view = { places: [at(1, false), at(2, true)] } as unknown as FlawView;
    expect(flawsAt([view], '', 1)).toHaveLength(1);
    expect(flawsAt([view], '', 2)).toHaveLength(0);
    expect(flawsAt([view], 'edge', 1)).toHaveLength(0);
  });
});

describe('the session that made a weld', () => {
  const weld = (stepKey: string, madeAt: string, fireSession: number | null) => ({
    stepKey,
    madeAt,
    fireSession,
  });

  it('is the one of its last making, if that was logged at the fire', () => {
    const welds = [
      weld('s1', '2026-02-03T09:00:00Z', 4),
      weld('s1', '2026-02-05T09:00:00Z', 7),
      weld('core/s1', '2026-02-06T09:00:00Z', 9),
      weld('s3', '2026-02-03T09:00:00Z', 5),
      weld('s3', '2026-02-04T09:00:00Z', null),
    ];
    expect(sessionThatMade(welds, 's1')).toBe(7);
    expect(sessionThatMade(welds, 'core/s1')).toBe(9);
    expect(sessionThatMade(welds, 's3')).toBeNull();
    expect(sessionThatMade(welds, 's9')).toBeNull();
  });
});
