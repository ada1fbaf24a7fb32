import { describe, expect, it } from 'vitest';
import { KIND_GROUPS, PROTECTION_NAMES } from './planWords';
import { laidOf } from './laid';
import type { Operation } from './plan';
import { askedOf, fieldsOf, isFigure, kindName, KINDS } from './stepKinds';

const weld: Operation = {
  kind: 'set',
  heats: 3,
  reduction: 0.1,
  temperatureC: 1180,
  soakMin: 10,
  protection: 'DRY',
  tack: 'SIDES',
  jacket: 'BEAD',
  tool: 'FLAT',
  bites: 0,
};

describe('kinds of step as the core describes them', () => {
  it('are each in one place, with a letter of their own', () => {
    const shown = KIND_GROUPS.flatMap((g) => g.kinds);
    expect(shown.map((k) => k.kind).sort()).toEqual(KINDS.map((k) => k.kind).sort());
    expect(new Set(shown.map((k) => k.letter)).size).toBe(KINDS.length);
  });

  it('have a name, and a label for every field that is asked about in words', () => {
    for (const { kind, fields } of KINDS) {
      expect(kindName(kind)).toMatch(/^[A-Z]/);
      for (const field of fields) {
        const ownPlace = field.holds === 'turns' || field.holds === 'bars';
        expect(Boolean(field.label)).toBe(!ownPlace);
        expect(Boolean(field.options)).toBe(field.holds === 'choice');
        expect(Boolean(field.yes && field.no)).toBe(field.holds === 'yesNo');
      }
    }
  });

  it('say which fields are figures', () => {
    expect(
      fieldsOf('twist')
        .filter(isFigure)
        .map((f) => [f.label, f.holds]),
    ).toEqual([
      ['Turns', 'number'],
      ['Sections', 'count'],
      ['Heats', 'count'],
    ]);
  });

  it('are asked about a jacket where there is one, and a method where it is not the usual one', () => {
    const asked = (o: Operation) => askedOf(o).map((f) => f.name);
    expect(asked(weld)).not.toContain('jacket');
    expect(asked(weld)).not.toContain('method');
    expect(asked({ ...weld, protection: 'SEALED' })).toContain('jacket');
    expect(asked({ ...weld, method: 'COPPER_SOLID' })).toContain('method');
  });

  it('say what is laid to the bars, and what its values are called', () => {
    const sandwich: Operation = { kind: 'sandwich', below: [], above: [], faceGrindMm: 0 };
    expect(laidOf(sandwich).map(([field]) => field)).toEqual(['below', 'above']);
    expect(laidOf(weld)).toEqual([]);
    expect(PROTECTION_NAMES.BOTH).toBe('flux over fuel');
  });
});
