import * as texts from 'texts/fire/course';
import type {
  Act,
  BilletNow,
  Entries,
  Entry,
  FireBillet,
  Heat,
  KeptEntry,
  Now,
  StepState,
  SessionEvent,
  Whole,
} from './api';

/** A session as a screen knows it: what it was reported, and its own entries that are not on disk yet. */
export interface Seen {
  readonly whole: Whole;
  readonly now: Now;
  readonly entries: readonly KeptEntry[];
  readonly forge: readonly { second: number; figure: number }[];
  readonly histories: readonly (readonly Heat[])[];
  /** When the last of it was heard, ms of the screen's clock. */
  readonly heardAt: number;
  /** The shop's clock less the screen's, ms. */
  readonly clockMs: number;
}

const HISTORY_EVERY_S = 5;

/** Takes what was reported. */
export function applied(seen: Seen | null, what: SessionEvent, atMs: number): Seen | null {
  switch (what.event) {
    case 'whole':
      return {
        whole: what,
        now: what.at,
        entries: what.entries,
        forge: what.forge,
        histories: what.histories,
        heardAt: atMs,
        clockMs: Date.parse(what.now) - atMs,
      };
    case 'entries':
      return seen && { ...seen, entries: merged(seen.entries, what), heardAt: atMs };
    case 'now':
      return seen && { ...seen, ...grown(seen, what), now: what, heardAt: atMs };
  }
}

function merged(there: readonly KeptEntry[], more: Entries): readonly KeptEntry[] {
  const ids = new Set(there.map((e) => e.id));
  return [...there, ...more.entries.filter((e) => !ids.has(e.id))];
}

function grown(seen: Seen, now: Now): Pick<Seen, 'forge' | 'histories'> {
  const last = seen.forge.at(-1)?.second ?? -1;
  const second = Math.floor(now.second);
  const { value, good } = now.forge;
  return {
    forge: good && value !== null && second > last ? [...seen.forge, { second, figure: value }] : seen.forge,
    histories: seen.histories.map((h, place) => {
      const b = now.billets[place];
      const due = second - (h.at(-1)?.second ?? -HISTORY_EVERY_S) >= HISTORY_EVERY_S;
      return b?.begun && due ? [...h, { second, skinC: b.skinC.middle, coreC: b.coreC.middle }] : h;
    }),
  };
}

/** A billet as the screen should show it now, entries of its own counted that are not on disk yet. */
export interface Shown {
  readonly billet: FireBillet;
  readonly now: BilletNow;
  readonly title: string;
  readonly why: string;
  readonly main: Act;
  readonly others: readonly Act[];
  readonly urgent: boolean;
  readonly stepStates: readonly StepState[];
  readonly where: 'COLD' | 'FIRE' | 'AIR' | 'DIES';
  /** Seconds since it left the fire, counted on between two tellings; 0 in it. */
  readonly sinceOutS: number;
  readonly skinC: number;
  readonly coreC: number;
}

const AFTER: Partial<Record<Act, { where: 'FIRE' | 'AIR' | 'DIES'; main: Act }>> = {
  IN: { where: 'FIRE', main: 'OUT' },
  OUT: { where: 'AIR', main: 'SQUEEZE' },
  SQUEEZE: { where: 'DIES', main: 'LET_GO' },
  LET_GO: { where: 'AIR', main: 'BRUSH' },
  BRUSH: { where: 'AIR', main: 'IN' },
};

/** The state of a billet, from what was reported and from deeds that are still waiting to be sent. */
export function shown(seen: Seen, place: number, waiting: readonly Entry[], atMs: number): Shown | null {
  const billet = seen.whole.billets[place];
  const now = seen.now.billets[place];
  if (!billet || !now) return null;
  const passedS = seen.now.ended ? 0 : ((atMs - seen.heardAt) / 1000) * seen.now.speed;
  const here = between(now, passedS);
  const server: Shown = {
    billet,
    now,
    title: now.advice.title,
    why: now.advice.why,
    main: now.advice.main,
    others: now.advice.others,
    urgent: now.advice.urgent,
    stepStates: now.stepStates,
    where: now.begun ? now.where : 'COLD',
    sinceOutS: now.begun && now.where !== 'FIRE' ? now.sinceOutS + passedS : 0,
    ...here,
  };
  return waiting
    .filter((e) => e.place === place && e.kind === 'DEED' && e.act !== undefined)
    .reduce((state, e) => after(state, e, seen, atMs), server);
}

/** Skin and core a little after they were reported, along the forecast that was sent. */
function between(now: BilletNow, passedS: number): { skinC: number; coreC: number } {
  const next = now.forecast.findIndex((a) => a.inS >= passedS);
  const b = now.forecast[next === -1 ? now.forecast.length - 1 : next];
  const a = now.forecast[Math.max(0, (next === -1 ? now.forecast.length : next) - 1)];
  if (!a || !b || passedS <= 0) return { skinC: now.skinC.middle, coreC: now.coreC.middle };
  const part = b.inS === a.inS ? 1 : Math.min(1, (passedS - a.inS) / (b.inS - a.inS));
  return { skinC: a.skinC + part * (b.skinC - a.skinC), coreC: a.coreC + part * (b.coreC - a.coreC) };
}

function after(state: Shown, entry: Entry, seen: Seen, atMs: number): Shown {
  const act = entry.act as Act;
  const stepStates = ticked(state.billet.steps, state.stepStates, act);
  const next = state.billet.steps[stepStates.indexOf('NOW')];
  const moved = AFTER[act];
  const where = moved?.where ?? state.where;
  const main = moved?.main ?? (next?.act && next.act !== act ? next.act : state.main);
  const outS = (atMs + seen.clockMs - Date.parse(entry.doneAt)) / 1000;
  return {
    ...state,
    title: next ? texts.next({ title: next.title }) : texts.allStepsOfThisPlanAre,
    why: next?.how ?? '',
    main,
    others: state.others.includes(state.main)
      ? state.others
      : [state.main, ...state.others].filter((a) => a !== main),
    urgent: where === 'AIR' || where === 'DIES',
    stepStates,
    where,
    sinceOutS: where === 'FIRE' || where === 'COLD' ? 0 : act === 'OUT' ? outS : Math.max(state.sinceOutS, 0),
  };
}

/** The core's own rule: the first open step of this act is behind, steps passed over are left out. */
export function ticked(
  steps: readonly { readonly act: Act | null }[],
  stepStates: readonly StepState[],
  act: Act,
): readonly StepState[] {
  const open = stepStates.findIndex((s) => s === 'NOW');
  const at = steps.findIndex((s, i) => i >= open && open !== -1 && s.act === act);
  if (at === -1) return stepStates;
  return stepStates.map((s, i) => {
    if (i === at) return 'DONE';
    if (i === at + 1) return 'NOW';
    return i >= open && i < at ? (steps[i]?.act === null ? 'DONE' : 'LEFT_OUT') : s;
  });
}

/** Ids that are taken back: an undoing that is itself taken back does nothing. */
export function undone(
  log: readonly { readonly id: string; readonly kind: string; readonly about?: string | null }[],
) {
  const gone = new Set<string>();
  [...log].reverse().forEach((e) => {
    if (e.kind === 'UNDO' && !gone.has(e.id) && e.about) gone.add(e.about);
  });
  return gone;
}

/** What Undo takes back: the last thing of a billet that still counts, notes and readings too. */
export function lastUndoable<
  T extends {
    readonly id: string;
    readonly kind: string;
    readonly place: number;
    readonly about?: string | null;
  },
>(log: readonly T[], place: number): T | undefined {
  const gone = undone(log);
  return log.findLast(
    (e) => e.place === place && !['UNDO', 'FORGE', 'AIR', 'SPEED'].includes(e.kind) && !gone.has(e.id),
  );
}

/** Minutes and seconds, 3:05; hours where there are some. */
export function clock(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  const two = (n: number) => String(n).padStart(2, '0');
  const minutes = Math.floor(s / 60);
  return minutes < 60
    ? `${minutes}:${two(s % 60)}`
    : `${Math.floor(minutes / 60)}:${two(minutes % 60)}:${two(s % 60)}`;
}
