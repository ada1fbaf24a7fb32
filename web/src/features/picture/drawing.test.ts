import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../../lib/http';
import type { draw, Picture, Sight } from './api';
import { Drawing } from './drawing';
import { aimOf, boxOf, moved, paneOf, placeAt, spotOf, zoomed } from './panes';

const sightAt = (atMm: number) => ({ look: { atMm } }) as Sight;
const asked = (atMm: number) => ({ sight: sightAt(atMm), pane: null, width: 800, height: 600 });

/** A server whose answers are given by hand. */
function byHand() {
  const open: {
    at: number;
    width: number;
    signal: AbortSignal;
    answer: (p: Picture | null) => void;
    refuse: (p: Problem) => void;
  }[] = [];
  const drawIt: typeof draw = (sight, _pane, size, _frame, signal) =>
    new Promise((answer, refuse) => {
      open.push({ at: sight.look.atMm, width: size.width, signal, answer, refuse });
      signal.addEventListener('abort', () => refuse(Problem.offline()));
    });
  const shown: string[] = [];
  const failed: string[] = [];
  const drawing = new Drawing(
    (_p, fine) => shown.push(`${fine ? 'fine' : 'coarse'} ${open.at(-1)?.at ?? ''}`),
    (p) => failed.push(p.title),
    drawIt,
  );
  return { open, drawing, shown, failed };
}

const picture = {} as Picture;

describe('a canvas kept up to date', () => {
  it('comes coarse first and fine after', async () => {
    const { open, drawing, shown } = byHand();
    drawing.ask(asked(1));
    expect(open.map((o) => o.width)).toEqual([400]);
    open[0]?.answer(picture);
    await vi.waitFor(() => expect(open).toHaveLength(2));
    expect(open[1]?.width).toBe(800);
    open[1]?.answer(picture);
    await vi.waitFor(() => expect(shown).toEqual(['coarse 1', 'fine 1']));
  });

  it('lets a coarse picture come and then draws only the newest', async () => {
    const { open, drawing, shown } = byHand();
    drawing.ask(asked(1));
    drawing.ask(asked(2));
    drawing.ask(asked(3));
    drawing.ask(asked(4));
    expect(open.map((o) => o.at)).toEqual([1, 2]);
    open[0]?.answer(picture);
    await vi.waitFor(() => expect(open.map((o) => o.at)).toEqual([1, 2, 4]));
    expect(shown).toHaveLength(1);
    expect(open.every((o) => o.width < 800)).toBe(true);
    expect(open.some((o) => o.signal.aborted)).toBe(false);
  });

  it('never goes back to an older picture', async () => {
    const { open, drawing, shown } = byHand();
    drawing.ask(asked(1));
    drawing.ask(asked(2));
    open[1]?.answer(picture);
    await vi.waitFor(() => expect(shown).toHaveLength(1));
    open[0]?.answer(picture);
    await vi.waitFor(() => expect(open.map((o) => o.width)).toEqual([400, 400, 800]));
    expect(shown).toHaveLength(1);
  });

  it('calls a fine picture off when something else is asked for', async () => {
    const { open, drawing, failed } = byHand();
    drawing.ask(asked(1));
    open[0]?.answer(picture);
    await vi.waitFor(() => expect(open).toHaveLength(2));
    drawing.ask(asked(2));
    expect(open[1]?.signal.aborted).toBe(true);
    expect(drawing.calledOff).toBe(1);
    await vi.waitFor(() => expect(open.map((o) => o.at)).toEqual([1, 1, 2]));
    expect(failed).toEqual([]);
  });

  it('says what is wrong and goes on with what is asked next', async () => {
    const { open, drawing, failed } = byHand();
    drawing.ask(asked(1));
    open[0]?.refuse(new Problem(422, 'A value breaks its rule', '', '', ''));
    await vi.waitFor(() => expect(failed).toEqual(['A value breaks its rule']));
    drawing.ask(asked(2));
    expect(open).toHaveLength(2);
  });
});

describe('moving about in a view', () => {
  const pane = { leftMm: 10, lowMm: 5, widthMm: 80, heightMm: 40 };
  const size = { width: 800, height: 400 };

  it('knows which place is under a spot, and back', () => {
    expect(placeAt(pane, size, { x: 0, y: 0 })).toEqual({ right: 10, up: 45 });
    expect(spotOf(pane, size, { right: 50, up: 25 })).toEqual({ x: 400, y: 200 });
  });

  it('zooms round the spot', () => {
    const spot = { x: 200, y: 100 };
    const near = zoomed(pane, size, spot, 4);
    expect(near.widthMm).toBeCloseTo(20);
    expect(placeAt(near, size, spot)).toEqual(placeAt(pane, size, spot));
    expect(zoomed(pane, size, spot, 1e9).widthMm).toBeCloseTo(0.8);
  });

  it('follows the hand, and keeps its middle when the canvas changes', () => {
    expect(moved(pane, size, 100, 100)).toEqual({ ...pane, leftMm: 0, lowMm: 15 });
    const aim = aimOf(pane, size);
    expect(paneOf(aim, size)).toEqual(pane);
    expect(paneOf(aim, { width: 400, height: 400 })).toEqual({ ...pane, leftMm: 30, widthMm: 40 });
    expect(boxOf(pane, pane, size)).toEqual({ x: 0, y: 0, width: 800, height: 400 });
  });
});
