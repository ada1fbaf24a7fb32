import { describe, expect, it } from 'vitest';
import type { Turn } from './api';
import { nextTurn } from './nextTurn';

const turn = (job: number, pressMin: number) => ({ job, pressMin }) as Turn;

describe('whose turn is next', () => {
  const names = ['Froe', 'Adze'];

  it('is nobody’s where a billet is alone or nothing is left', () => {
    expect(nextTurn([turn(0, 5)], 0, ['Froe'], 0)).toBeNull();
    expect(nextTurn([], 0, names, 0)).toBeNull();
    expect(nextTurn([turn(0, 5)], 0, names, 0)).toBeNull();
  });

  it('is said in minutes from now, never in the past', () => {
    const order = [turn(0, 5), turn(1, 12)];
    expect(nextTurn(order, 120, names, 0)).toBe('next at the press: Adze, in 10 min');
    expect(nextTurn(order, 12 * 60, names, 0)).toBe('next at the press: Adze, now');
    expect(nextTurn(order, 20 * 60, names, 0)).toBe('next at the press: Adze, now');
    expect(nextTurn(order, 0, names, 1)).toBe('next at the press: Froe, in 5 min');
  });
});
