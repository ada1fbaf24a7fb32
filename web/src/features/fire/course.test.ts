import { describe, expect, it } from 'vitest';
import type { BilletNow, Entry, KeptEntry, Now, StepState, Whole } from './api';
import { timeOfDay } from './timeOfDay';
import { clock, lastUndoable, shown, ticked, applied, undone, type Seen } from './course';

const steps = [
  { heat: 1, act: 'FUEL', title: 'fuel bath', how: '', moment: '' },
  { heat: 1, act: 'IN', title: 'in', how: '', moment: '' },
  { heat: 1, act: 'TURN', title: 'turn', how: '', moment: '' },
  { heat: 1, act: null, title: 'even heat', how: '', moment: '' },
  { heat: 1, act: 'OUT', title: 'out', how: '', moment: '' },
  { heat: 1, act: 'SQUEEZE', title: 'set 1', how: 'Light.', moment: '' },
] as const;

const here: BilletNow = {
  place: 0,
  where: 'FIRE',
  begun: true,
  finished: false,
  heat: 1,
  skinC: { low: 880, middle: 900, high: 920 },
  coreC: { low: 660, middle: 700, high: 740 },
  readyInS: { low: 240, middle: 270, high: 300 },
  readyForS: 0,
  soakedS: 200,
  sinceOutS: 0,
  leftS: 14,
  advice: {
    title: 'Leave it in.',
    why: '',
    main: 'OUT',
    others: ['TURN', 'LOOK'],
    urgent: false,
    waits: true,
  },
  ask: null,
  joints: null,
  glow: null,
  stepStates: ['DONE', 'DONE', 'NOW', 'TO_COME', 'TO_COME', 'TO_COME'],
  forecast: [
    { inS: 0, skinC: 900, coreC: 700 },
    { inS: 30, skinC: 960, coreC: 790 },
  ],
  exposure: { scaleMm: 0, decarbDepthMm: 0, grainUm: 30, hotMin: 0 },
};

const now: Now = {
  event: 'now',
  second: 200,
  speed: 1,
  forge: { value: 1230, state: 'GOOD', words: 'good', good: true },
  press: { value: 0, state: 'GOOD', words: 'good', good: true },
  chamberC: 1230,
  setC: null,
  flame: null,
  billets: [here],
  order: [],
  ended: false,
};

const START = Date.parse('2026-03-02T08:00:00Z');

const whole: Whole = {
  event: 'whole',
  id: 5,
  now: new Date(START).toISOString(),
  startedAt: new Date(START - 200_000).toISOString(),
  endedAt: null,
  rehearsal: false,
  drill: null,
  billets: [
    {
      place: 0,
      billetId: 1,
      name: 'Bar',
      title: 'Weld 1',
      protection: 'DRY',
      floorC: 1110,
      aimC: 1180,
      ceilingC: 1260,
      heats: 3,
      steps,
      layOut: [],
      cautions: [],
    },
  ],
  entries: [],
  seq: 0,
  forge: [],
  press: [],
  histories: [[]],
  at: now,
  reviewNotes: [[]],
};

const seen = () => applied(null, whole, START + 3000) as Seen;

const logEntry = (act: Entry['act'], atMs: number): Entry => ({
  id: crypto.randomUUID(),
  kind: 'DEED',
  place: 0,
  ...(act && { act }),
  note: '',
  doneAt: new Date(atMs).toISOString(),
  device: 'd',
});

describe('what is told', () => {
  it('holds the screen’s clock against the shop’s', () => {
    expect(seen().clockMs).toBe(-3000);
  });

  it('grows by readings and estimates, each second once', () => {
    let s = applied(seen(), now, START) as Seen;
    s = applied(s, now, START) as Seen;
    expect(s.forge).toEqual([{ second: 200, figure: 1230 }]);
    s = applied(s, { ...now, second: 206, forge: { ...now.forge, good: false } }, START) as Seen;
    expect(s.forge).toHaveLength(1);
    expect(s.histories[0]?.map((h) => h.second)).toEqual([200, 206]);
  });

  it('takes an entry once, and nothing before the whole', () => {
    const kept = { ...logEntry('IN', START), seq: 7, atS: 1, madeBy: 'me' } as unknown as KeptEntry;
    const twice = applied(
      applied(seen(), { event: 'entries', entries: [kept], seq: 7 }, START),
      {
        event: 'entries',
        entries: [kept],
        seq: 7,
      },
      START,
    );
    expect(twice?.entries).toHaveLength(1);
    expect(applied(null, now, START)).toBeNull();
  });
});

describe('what is shown', () => {
  it('goes on along what was told of the time to come', () => {
    const s = seen();
    expect(shown(s, 0, [], s.heardAt + 15_000)?.coreC).toBeCloseTo(745);
    expect(shown(s, 0, [], s.heardAt + 600_000)?.coreC).toBeCloseTo(790);
    expect(shown(s, 3, [], s.heardAt)).toBeNull();
  });

  it('counts deeds that are not sent yet', () => {
    const s = seen();
    const out = logEntry('OUT', START + 1000);
    const after = shown(s, 0, [out], START + 3000 + 6000);
    expect(after?.where).toBe('AIR');
    expect(after?.main).toBe('SQUEEZE');
    expect(after?.sinceOutS).toBeCloseTo(5);
    expect(after?.stepStates).toEqual(['DONE', 'DONE', 'LEFT_OUT', 'DONE', 'DONE', 'NOW']);
    expect(after?.title).toBe('Next: set 1.');
  });

  it('offers the next step through a whole heat without the shop', () => {
    const s = seen();
    const acts = ['OUT', 'SQUEEZE', 'LET_GO', 'BRUSH', 'IN'] as const;
    const mains = acts.map(
      (_, i) =>
        shown(
          s,
          0,
          acts.slice(0, i + 1).map((a, n) => logEntry(a, START + n)),
          START,
        )?.main,
    );
    expect(mains).toEqual(['SQUEEZE', 'LET_GO', 'BRUSH', 'IN', 'OUT']);
  });
});

describe('steps', () => {
  it('are ticked off by the core’s rule', () => {
    const open: StepState[] = ['NOW', 'TO_COME', 'TO_COME', 'TO_COME', 'TO_COME', 'TO_COME'];
    expect(ticked(steps, open, 'IN').slice(0, 3)).toEqual(['LEFT_OUT', 'DONE', 'NOW']);
    expect(ticked(steps, open, 'LOOK')).toEqual(open);
    const done: StepState[] = steps.map(() => 'DONE');
    expect(ticked(steps, done, 'IN')).toEqual(done);
  });
});

describe('undo', () => {
  const log = [
    { id: 'a', kind: 'DEED', place: 0 },
    { id: 'b', kind: 'DEED', place: 1 },
    { id: 'c', kind: 'DEED', place: 0 },
    { id: 'u', kind: 'UNDO', place: 0, about: 'c' },
  ];

  it('takes back the last thing that counts, of this billet', () => {
    expect(lastUndoable(log, 0)?.id).toBe('a');
    expect(lastUndoable(log, 1)?.id).toBe('b');
    expect(lastUndoable<(typeof log)[number]>([], 0)).toBeUndefined();
  });

  it('can itself be taken back', () => {
    const again = [...log, { id: 'v', kind: 'UNDO', place: 0, about: 'u' }];
    expect([...undone(again)]).toEqual(['u']);
    expect(lastUndoable(again, 0)?.id).toBe('c');
  });
});

it('reads times as on a watch', () => {
  expect([0, 9.6, 75, 3725].map((s) => clock(s))).toEqual(['0:00', '0:10', '1:15', '1:02:05']);
});

it('reads minutes of the day as on a clock, rounded up over the hour', () => {
  expect([485, 539.7, 1439.8].map((m) => timeOfDay(m))).toEqual(['08:05', '09:00', '00:00']);
});
