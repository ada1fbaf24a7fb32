import { Problem } from '../../lib/http';
import { draw, type Pane, type Picture, type Sight } from './api';

/** What shall be on a canvas. */
export interface Asked {
  readonly sight: Sight;
  /** Null for a first look. */
  readonly pane: Pane | null;
  readonly width: number;
  readonly height: number;
}

type Draw = typeof draw;

/** A coarse picture that takes longer than this is asked for still coarser, ms. */
const SLOW_MS = 50;
const FAST_MS = 22;
const COARSE = { first: 2, most: 4 };

/** Smaller pictures come at once as they shall be, px. */
const SMALL_PX = 40_000;

let windows = 0;

/**
 * Keeps one canvas up to date: each thing asked for comes coarse at once and fine after. While something is
 * dragged only the newest is drawn: a fine picture under way is called off, a coarse one is let come, so that
 * there is always something new to see. No React in here.
 */
export class Drawing {
  private readonly window = `${Date.now().toString(36)}-${(windows += 1)}`;
  private nth = 0;
  private asked: Asked | null = null;
  private underWay: { readonly fine: boolean; readonly calledOff: AbortController } | null = null;
  private coarse = COARSE.first;
  /** How many requests were called off before they had their answer. */
  calledOff = 0;

  constructor(
    private readonly show: (picture: Picture, fine: boolean) => void,
    private readonly fail: (problem: Problem) => void,
    private readonly drawIt: Draw = draw,
  ) {}

  /** Asks for something else. */
  ask(asked: Asked) {
    this.asked = asked;
    if (this.underWay?.fine) this.callOff();
    if (!this.underWay) void this.next(asked.width * asked.height <= SMALL_PX);
  }

  /** Nothing more is wanted. */
  end() {
    this.asked = null;
    this.callOff();
  }

  private callOff() {
    if (!this.underWay) return;
    this.underWay.calledOff.abort();
    this.underWay = null;
    this.calledOff += 1;
  }

  private async next(fine: boolean): Promise<void> {
    const { asked } = this;
    if (!asked) return;
    const mine = { fine, calledOff: new AbortController() };
    this.underWay = mine;
    this.nth += 1;
    const by = fine ? 1 : this.coarse;
    const began = performance.now();
    try {
      const picture = await this.drawIt(
        asked.sight,
        asked.pane,
        { width: asked.width / by, height: asked.height / by },
        { window: this.window, nth: this.nth },
        mine.calledOff.signal,
      );
      if (this.underWay !== mine) return;
      this.underWay = null;
      if (!fine) this.learn(performance.now() - began);
      if (picture) this.show(picture, fine);
    } catch (e) {
      if (this.underWay !== mine) return;
      this.underWay = null;
      this.fail(Problem.from(e));
      if (this.asked === asked) return;
    }
    if (this.asked !== asked) await this.next(false);
    else if (!fine) await this.next(true);
  }

  /** Coarser where frames come slowly, finer where there is time. */
  private learn(ms: number) {
    if (ms > SLOW_MS) this.coarse = Math.min(COARSE.most, this.coarse + 0.5);
    else if (ms < FAST_MS) this.coarse = Math.max(1, this.coarse - 0.5);
  }
}
