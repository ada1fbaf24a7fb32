import { METRIC, US } from '../../units';
import { describe, expect, it } from 'vitest';
import { flawOf, nearestJoint, onRuler, spotOf, type FlawDraft } from './inspectionDraft';

describe('a flaw pointed at', () => {
  const draft: FlawDraft = {
    id: 'f',
    kind: 'SEAM',
    state: 'OPEN',
    bar: 0,
    fromXMm: 50,
    toXMm: 20,
    side: 'RIGHT',
    depthMm: 8,
    joint: 2,
  };
  const bar = { lengthMm: 200, widthMm: 40, heightMm: 30 };

  it('is a box at its edge and in its joint, whichever way it was drawn', () => {
    expect(spotOf(draft, bar, [10, 20])).toEqual({
      bar: 0,
      fromXMm: 20,
      toXMm: 50,
      fromYMm: 32,
      toYMm: 40,
      fromZMm: 20,
      toZMm: 20,
    });
    expect(spotOf({ ...draft, joint: null, side: 'TOP', depthMm: 3 }, bar, [])).toMatchObject({
      fromYMm: 0,
      toYMm: 40,
      fromZMm: 27,
      toZMm: 30,
    });
    expect(spotOf({ ...draft, toXMm: 900 }, bar, []).toXMm).toBe(200);
    expect(flawOf(draft, bar, [10, 20]).joint).toBe(2);
  });

  it('finds the nearest joint and the ruler', () => {
    expect(nearestJoint(14, [10, 20])).toBe(1);
    expect(nearestJoint(16, [10, 20])).toBe(2);
    expect(nearestJoint(16, [])).toBeNull();
    expect(onRuler(81.117256, METRIC)).toBe(81);
    expect(onRuler(81.117256, US)).toBe(80.9625);
  });

  it.each([
    ['LEFT', [0, 8], [0, 30]],
    ['RIGHT', [32, 40], [0, 30]],
    ['THROUGH', [0, 40], [0, 30]],
    ['TOP', [0, 40], [22, 30]],
    ['UNDER', [0, 40], [0, 8]],
  ] as const)('in no joint, %s', (side, across, up) => {
    const spot = spotOf({ ...draft, joint: null, side }, bar, [10, 20]);
    expect([spot.fromYMm, spot.toYMm]).toEqual(across);
    expect([spot.fromZMm, spot.toZMm]).toEqual(up);
  });

  it('never reaches out of the bar', () => {
    const spot = spotOf({ ...draft, fromXMm: 400, toXMm: -3, depthMm: 90 }, bar, []);
    expect([spot.fromXMm, spot.toXMm]).toEqual([0, 200]);
    expect([spot.fromYMm, spot.toYMm]).toEqual([0, 40]);
    expect(spotOf({ ...draft, side: 'TOP', depthMm: -2 }, bar, []).fromZMm).toBe(30);
    expect(spotOf({ ...draft, joint: 9 }, bar, [10, 20]).toZMm, 'a joint that is not there').toBe(30);
  });

  it('is written down with what was said of it', () => {
    const flaw = flawOf({ ...draft, kind: 'CRACK', state: 'SUSPECT', bar: 3 }, bar, [10, 20]);
    expect(flaw).toMatchObject({ id: 'f', kind: 'CRACK', state: 'SUSPECT', joint: 2, note: '' });
    expect(flaw.spot.bar).toBe(3);
  });
});
