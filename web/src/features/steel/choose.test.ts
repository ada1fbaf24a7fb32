import { describe, expect, it } from 'vitest';
import type { Cell } from '../pair/api';
import type { Shelved } from '../stock/api';
import { firstDraft } from '../billet/firstDraft';
import type { Steel } from './api';
import { ALL, toggled, wished } from './choose';

const steel = (id: string, over: { tone?: number; carbon?: number; hardens?: boolean; name?: string } = {}) =>
  ({
    id,
    ownId: null,
    name: over.name ?? id,
    designations: '',
    family: 'test',
    composition: { carbon: over.carbon ?? 0.8 },
    hardening: over.hardens === false ? null : {},
    etchTone: { value: over.tone ?? 0.2 },
  }) as unknown as Steel;

const cell = (a: string, b: string, grade: Cell['grade']): Cell => ({
  a,
  b,
  grade,
  word: grade,
  score: 50,
  tone: 0.3,
  first: '',
});

const D = steel('D', { tone: 0.15, carbon: 0.84 });
const BRIGHT = steel('B', { tone: 0.85, carbon: 0.75, name: 'bright one, 1.5634' });
const TOUGH = steel('T', { tone: 0.3, carbon: 0.6 });
const MILD = steel('M', { tone: 0.55, carbon: 0.18, hardens: false });
const ALL_STEELS = [D, BRIGHT, TOUGH, MILD];
const ids = (steels: readonly Steel[]) => steels.map((s) => s.id);

describe('narrowing the list', () => {
  it('finds every word anywhere in the entry', () => {
    expect(ids(wished(ALL_STEELS, { ...ALL, words: '1.5634 bright' }, new Set(), undefined, []))).toEqual([
      'B',
    ]);
    expect(wished(ALL_STEELS, { ...ALL, words: 'bright dark' }, new Set(), undefined, [])).toEqual([]);
  });

  it('keeps to the shelf', () => {
    expect(ids(wished(ALL_STEELS, { ...ALL, onShelf: true }, new Set(['T']), undefined, []))).toEqual(['T']);
  });

  it('compares with the first chosen one, and keeps that one', () => {
    expect(ids(wished(ALL_STEELS, { ...ALL, blacker: true }, new Set(), TOUGH, []))).toEqual(['D', 'T']);
    expect(ids(wished(ALL_STEELS, { ...ALL, tougher: true }, new Set(), BRIGHT, []))).toEqual(['B', 'T']);
  });

  it('goes with what the map calls good or better, whichever way round the pair stands', () => {
    const pairs = [cell('B', 'D', 'EXCELLENT'), cell('D', 'T', 'SKILLED'), cell('M', 'D', 'STOP')];
    expect(ids(wished(ALL_STEELS, { ...ALL, worksWith: true }, new Set(), D, pairs))).toEqual(['D', 'B']);
  });
});

it('chooses at most six and lets go of what is chosen again', () => {
  expect(toggled(['a', 'b'], 'a')).toEqual(['b']);
  expect(toggled(['a', 'b', 'c', 'd', 'e', 'f'], 'g')).toEqual(['b', 'c', 'd', 'e', 'f', 'g']);
});

describe('a new billet', () => {
  const bar = { bar: { steel: 'B', thicknessMm: 1.2446 } } as unknown as Shelved;

  it('begins with the steels asked for, as thick as they lie on the shelf', () => {
    const { pieces } = firstDraft(['D', 'B'], ALL_STEELS, [bar]).stack;
    expect(pieces).toHaveLength(13);
    expect(pieces[0]).toEqual({ steel: 'D', thicknessMm: 3.175 });
    expect(pieces[1]).toEqual({ steel: 'B', thicknessMm: 1.2446 });
  });

  it('passes over steels nobody knows', () => {
    expect(firstDraft(['', 'unicorn'], ALL_STEELS, []).stack.pieces[0]?.steel).toBe('1084');
  });
});
