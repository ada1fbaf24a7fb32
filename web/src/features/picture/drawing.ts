import { Problem } from '../../lib/http';
import { draw, type Pane, type Picture, type Sight } from './api';

/** What should be on a canvas. */
export interface Asked {
  readonly sight: Sight;
  /** Null for a first look. */
  readonly pane: Pane | null;
  readonly width: number;
  readonly height: number;
}

type Draw = typeof draw;

/** A coarse picture that takes longer than this is asked for still coarser, ms. */
const SLOW_MS = 45;
const FAST_MS = 22;
const COARSE = { first: 2, most: 4 };

/** Smaller pictures come at once as they should be, px. */
const SMALL_PX = 40_000;

/** Coarse pictures under way at once: while one is drawn the next one's request is on its way. */
const AT_ONCE = 2;

let windows = 0;

/** A request and what it is for. */
interface UnderWay {
  readonly asked: Asked;
  readonly fine: boolean;
  readonly nth: number;
  readonly calledOff: AbortController;
}

/**
 * Keeps one canvas up to date: each thing asked for comes coarse at once and fine after. While something is
 * dragged only the newest is drawn: a fine picture under way is called off, a coarse one is let come, so that
 * there is always something new to see. No React in here.
 */
export class Drawing {
  private readonly window = `${Date.now().toString(36)}-${(windows += 1)}`;
  private nth = 0;
  private shownNth = 0;
  private asked: Asked | null = null;
  private readonly underWay = new Set<UnderWay>();
  private coarse = COARSE.first;
  /** How many requests were called off before they had their answer. */
  calledOff = 0;

  constructor(
    private readonly show: (picture: Picture, fine: boolean, sight: Sight) => void,
    private readonly fail: (problem: Problem) => void,
    private readonly drawIt: Draw = draw,
  ) {}

  /** Asks for something else. */
  ask(asked: Asked) {
    this.asked = asked;
    this.underWay.forEach((u) => u.fine && this.callOff(u));
    const isSmall = asked.width * asked.height <= SMALL_PX;
    if (this.underWay.size < (isSmall ? 1 : AT_ONCE)) void this.send(asked, isSmall);
  }

  /** Nothing more is wanted. */
  end() {
    this.asked = null;
    this.underWay.forEach((u) => this.callOff(u));
  }

  private callOff(one: UnderWay) {
    this.underWay.delete(one);
    one.calledOff.abort();
    this.calledOff += 1;
  }

  private async send(asked: Asked, fine: boolean): Promise<void> {
    this.nth += 1;
    const mine = { asked, fine, nth: this.nth, calledOff: new AbortController() };
    this.underWay.add(mine);
    const by = fine ? 1 : this.coarse;
    const began = performance.now();
    let failed = false;
    try {
      const picture = await this.drawIt(
        asked.sight,
        asked.pane,
        { width: asked.width / by, height: asked.height / by },
        { window: this.window, nth: mine.nth, stays: !fine },
        mine.calledOff.signal,
      );
      if (!this.underWay.delete(mine)) return;
      if (!fine) this.learn(performance.now() - began);
      if (picture && mine.nth > this.shownNth) {
        this.shownNth = mine.nth;
        this.show(picture, fine, asked.sight);
      }
    } catch (e) {
      if (!this.underWay.delete(mine)) return;
      failed = this.asked === asked;
      if (failed) this.fail(Problem.from(e));
    }
    if (!failed) this.goOn(mine);
  }

  /** The newest coarse, and when that is there, fine. */
  private goOn(done: UnderWay) {
    const { asked } = this;
    if (!asked) return;
    const isUnderWay = [...this.underWay].some((u) => u.asked === asked);
    if (done.asked === asked) {
      if (!done.fine && !isUnderWay) void this.send(asked, true);
    } else if (!isUnderWay) void this.send(asked, false);
  }

  /** Coarser where frames come slowly, finer where there is time. */
  private learn(ms: number) {
    if (ms > SLOW_MS) this.coarse = Math.min(COARSE.most, this.coarse + 1);
    else if (ms < FAST_MS) this.coarse = Math.max(1, this.coarse - 0.5);
  }
}
