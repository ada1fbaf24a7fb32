import { describe, expect, it } from 'vitest';
import { heatColour } from './heat';
import { meanTone, toneColour } from './tone';

const parts = (colour: string) => (colour.match(/\d+/g) ?? []).map(Number);

describe('the colour of heat', () => {
  it('is the table at its temperatures and between them what lies between', () => {
    expect(heatColour(600)).toBe('rgb(90 10 6)');
    expect(heatColour(1350)).toBe('rgb(255 250 228)');
    expect(heatColour(1175)).toBe('rgb(255 202 101)');
    const [low, middle, high] = [900, 950, 1000].map((c) => parts(heatColour(c)));
    middle?.forEach((value, i) => {
      expect(value).toBeGreaterThanOrEqual(Math.min(low?.[i] ?? 0, high?.[i] ?? 0));
      expect(value).toBeLessThanOrEqual(Math.max(low?.[i] ?? 0, high?.[i] ?? 0));
    });
  });

  it('stays at its ends outside the table', () => {
    expect(heatColour(20)).toBe('rgb(90 10 6)');
    expect(heatColour(2000)).toBe('rgb(255 250 228)');
  });

  it('grows brighter all the way', () => {
    const light = Array.from({ length: 151 }, (_, i) =>
      parts(heatColour(600 + 5 * i)).reduce((a, b) => a + b, 0),
    );
    light.slice(1).forEach((value, i) => expect(value).toBeGreaterThanOrEqual(light[i] ?? 0));
  });
});

describe('etch tones', () => {
  it('run from black to silver and no further', () => {
    expect(toneColour(0)).toBe('rgb(38 37 38)');
    expect(toneColour(1)).toBe('rgb(222 219 210)');
    expect(toneColour(-1)).toBe(toneColour(0));
    expect(toneColour(2)).toBe(toneColour(1));
  });

  it('too fine to see are the mean tone', () => {
    // 0.35 by thickness; by light, 0.067 and 0.471 of what a white sheet sends back, it is brighter.
    expect(meanTone({ D: 0.75, B: 0.25 }, (s) => (s === 'D' ? 0.2 : 0.8))).toBeCloseTo(0.423, 3);
    expect(meanTone({ B: 1 }, () => 0.8)).toBeCloseTo(0.8, 9);
  });
});
