import { describe, expect, it } from 'vitest';
import type { Entry, Says, Weld } from './api';
import { entryWords, howWords } from './lines';

const entry = (says: Says) => ({ says }) as Entry;
const AT = '2026-03-01T10:00:00Z';

describe('an entry in words', () => {
  it('tells a look and what it found where', () => {
    const spot = { bar: 0, fromXMm: 0, toXMm: 25.4, fromYMm: 0, toYMm: 6, fromZMm: 9, toZMm: 9 };
    const looked = { stepKey: 'a', at: AT, ways: ['BEND', 'TAP'] as const, note: '' };
    expect(entryWords(entry({ inspection: { ...looked, brightShare: 0.8, flaws: [] } }))).toBe(
      'bend or break, tap, 80% bright: nothing found',
    );
    const flaw = { id: 'f', kind: 'CRACK', state: 'OPEN', joint: 3, spot, note: '' } as const;
    expect(entryWords(entry({ inspection: { ...looked, brightShare: null, flaws: [flaw] } }))).toBe(
      'bend or break, tap: crack [[mm 0]] to [[mm 25.4]] from the stop, joint 3',
    );
  });

  it('tells what the steps came out as, and what they were planned', () => {
    const fitted = { stepKey: 'b', at: AT, likeness: 0.9, ground: null, note: '' };
    const figure = { stepKey: 'b', planned: 12, value: 13.1, low: 12.9, high: 13.3 };
    const figures = [
      { ...figure, kind: 'ladder', field: 'pitchMm' },
      { ...figure, kind: 'twist', field: 'turns' },
      { ...figure, kind: 'no more', field: 'depth' },
    ];
    expect(entryWords(entry({ fitted: { ...fitted, figures } }))).toBe(
      'Pitch [[mm 13.1]] ([[mm 12.9]] to [[mm 13.3]]), planned [[mm 12]]. ' +
        'Turns 13.1 (12.9 to 13.3), planned 12. depth 13.1 (12.9 to 13.3), planned 12.',
    );
    const ground = { mm: 2.2, lowMm: 2.1, highMm: 2.3 };
    const turns = [{ ...figure, kind: 'twist', field: 'turns' }];
    expect(entryWords(entry({ fitted: { ...fitted, figures: turns, ground } }))).toBe(
      'Turns 13.1 (12.9 to 13.3), planned 12. Ground off the face [[mm 2.2]] ([[mm 2.1]] to [[mm 2.3]]).',
    );
  });

  it('leaves out what was not measured or done', () => {
    const sizes = { widthMm: null, heightMm: 12.7, lengthMm: 300, massKg: 1.25 };
    expect(entryWords(entry({ measured: { stepKey: 'a', at: AT, sizes, note: '' } }))).toBe(
      'Measured ? × [[mm 12.7]] × [[mm 300]], [[kg 1.25]]',
    );
    const treated = {
      kind: 'TESTED',
      at: AT,
      temperatureC: null,
      minutes: null,
      cycles: null,
      medium: '',
      hrc: [60.5, 61],
      file: 'SKATES',
      note: '',
    } as const;
    expect(entryWords(entry({ treated }))).toBe('hardness tested, 60.5, 61 HRC, file skates');
    expect(
      entryWords(entry({ disposition: { flawId: 'f', decision: 'SCRAP', stepKey: null, at: AT, note: '' } })),
    ).toBe('Flaw: scrapped');
  });
});

describe('how a weld was made', () => {
  const how = {
    floorC: 1110,
    ceilingC: 1260,
    soakMin: 9.4,
    neededSoakMin: 7,
    waitedS: 4,
    workingS: null,
    heats: 1,
    forceKn: null,
    reduction: 0.08,
    joints: 12,
    later: false,
  };

  it('stands beside what it asked for, and says nothing of what nobody knows', () => {
    expect(howWords({ how } as Weld)).toBe(
      'welding window [[C 1110]] to [[C 1260]] · 12 joints · soak [[s 540]] of [[s 420]] · 1 set · at the dies after [[s 4]] · 8% reduction',
    );
    const unknown = Object.fromEntries(Object.keys(how).map((k) => [k, null]));
    expect(howWords({ how: { ...unknown, joints: 0, later: false } } as unknown as Weld)).toBe('');
  });
});
