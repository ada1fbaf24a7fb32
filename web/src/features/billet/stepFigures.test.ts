import { describe, expect, it } from 'vitest';
import { CHOICES, FIGURES, YES_NO } from './stepFigures';
import type { Kind, Operation } from './plan';

/** Fields of each kind of step that are no figure, choice or either-or: they have places of their own. */
const ELSEWHERE: Partial<Record<Kind, readonly string[]>> = {
  aside: ['which'],
  scrap: ['which'],
  restack: ['turns', 'between'],
  roll: ['core'],
  sandwich: ['below', 'above'],
  layup: ['turns', 'left', 'right', 'shims'],
};

const FIELDS: Record<Kind, readonly string[]> = {
  set: [
    'heats',
    'reduction',
    'temperatureC',
    'soakMin',
    'protection',
    'tack',
    'jacket',
    'tool',
    'bites',
    'method',
  ],
  draw: ['widthMm', 'heightMm', 'heats', 'tool'],
  trim: ['frontMm', 'backMm', 'sidesMm'],
  grind: ['bottomMm', 'topMm'],
  cut: ['pieces', 'kerfMm', 'eachMm'],
  aside: ['pieces', 'lengthMm', 'kerfMm', 'which'],
  scrap: ['which'],
  watch: [],
  restack: ['turns', 'between', 'faceGrindMm'],
  fold: ['endLossMm', 'folds'],
  twist: ['turns', 'sections', 'hand', 'rounded', 'heats'],
  resquare: ['angleDeg', 'sideMm', 'heats'],
  upset: ['reduction', 'bowMm', 'heats'],
  roll: ['square', 'core', 'heats'],
  fourway: ['turn', 'kerfMm'],
  ladder: ['pitchMm', 'widthMm', 'depthMm', 'bothFaces', 'pressed', 'flattenToMm', 'heats'],
  dimples: ['pitchMm', 'diameterMm', 'depthMm', 'bothFaces', 'flattenToMm', 'heats'],
  uneven: ['amplitudeMm', 'scaleMm', 'seed'],
  sandwich: ['below', 'above', 'faceGrindMm'],
  layup: ['turns', 'left', 'right', 'shims', 'faceGrindMm'],
  blade: ['profile', 'lengthMm', 'widthMm', 'spineMm', 'edgeMm', 'bevelMm', 'taper', 'tangMm'],
};

const KINDS = Object.keys(FIELDS) as Kind[];

describe('what can be set on a step', () => {
  it.each(KINDS)('%s: every field has one place where it is set', (kind) => {
    const set = [
      ...FIGURES[kind].map((f) => f.name),
      ...(CHOICES[kind] ?? []).map((c) => c.name),
      ...(YES_NO[kind] ?? []).map((y) => y.name),
      ...(ELSEWHERE[kind] ?? []),
    ];
    expect([...set].sort()).toEqual([...FIELDS[kind]].sort());
  });

  it.each(KINDS)('%s: a length is asked as a length and a temperature as one', (kind) => {
    for (const { name, measure } of FIGURES[kind]) {
      expect(measure === 'length', name).toBe(name.endsWith('Mm'));
      expect(measure === 'temperature', name).toBe(name.endsWith('C'));
    }
  });

  it('how a stack is closed is asked only where it is closed', () => {
    const jacket = CHOICES.set?.find((c) => c.name === 'jacket');
    const set = (protection: string) => ({ kind: 'set', protection }) as Operation;
    expect(jacket?.when?.(set('SEALED'))).toBe(true);
    expect(jacket?.when?.(set('BORAX'))).toBe(false);
  });

  it('how copper is joined is asked only where that was chosen', () => {
    const method = CHOICES.set?.find((c) => c.name === 'method');
    expect(method?.when?.({ kind: 'set', method: 'COPPER_SOLID' } as Operation)).toBe(true);
    expect(method?.when?.({ kind: 'set', method: 'FORGE' } as Operation)).toBe(false);
    expect(method?.when?.({ kind: 'set' } as Operation)).toBe(false);
  });
});
