import * as texts from 'texts/picture/api';
import type { Schemas, Sent } from '../../lib/api';
import { answered, api, Problem } from '../../lib/http';

export type From = 'END' | 'FACE' | 'UNDER' | 'ALONG' | 'BLADE';

/** A blade, as the step that grinds one. */
export type Blade = Schemas['OperationBlade'];

/** Where you look from: how far along, ground off or across, and a blade laid into the bar. */
export type Look = Schemas['PictureRequestLook'];

/** Part of a view, mm from its left and over its lower edge. */
export type Pane = Schemas['PictureRequestPartOfView'];

/** What is looked at, and from where. */
export interface Sight {
  readonly plan: Sent['BilletPlan'];
  readonly path: string;
  readonly stage: number;
  readonly bar: number;
  readonly look: Look;
  readonly relief: boolean;
}

/** A picture, and what it shows. */
export interface Picture {
  readonly bitmap: ImageBitmap;
  readonly pane: Pane;
  readonly view: { readonly widthMm: number; readonly heightMm: number };
  /** Layers a ground face has gone through. */
  readonly layersGround: number;
}

const wanted = (sight: Sight, pane: Pane | null, widthPx: number, heightPx: number) => ({
  ...sight,
  part: pane,
  widthPx: Math.max(1, Math.round(widthPx)),
  heightPx: Math.max(1, Math.round(heightPx)),
});

/** Which picture of a window it is. */
export interface Frame {
  readonly window: string;
  readonly nth: number;
  /** Whether it is let come even when a newer one is asked for. */
  readonly stays: boolean;
}

/** Draws; null when a newer frame of the same window was asked for meanwhile. */
export async function draw(
  sight: Sight,
  pane: Pane | null,
  size: { readonly width: number; readonly height: number },
  frame: Frame | null,
  signal: AbortSignal,
): Promise<Picture | null> {
  const { data, response } = await api.POST('/api/v1/pictures', {
    body: {
      wanted: wanted(sight, pane, size.width, size.height),
      window: frame?.window ?? null,
      frame: frame?.nth ?? 0,
      stays: frame?.stays ?? false,
    },
    parseAs: 'blob',
    signal,
  });
  if (!data) return null;
  const figures = (name: string) => (response.headers.get(name) ?? '').split(',').map(Number);
  const [leftMm = 0, lowMm = 0, widthMm = 1, heightMm = 1] = figures(texts.geminalPane);
  const [viewWidth = 1, viewHeight = 1] = figures(texts.geminalView);
  return {
    bitmap: await createImageBitmap(data),
    pane: { leftMm, lowMm, widthMm, heightMm },
    view: { widthMm: viewWidth, heightMm: viewHeight },
    layersGround: figures(texts.geminalLayersGround)[0] ?? 0,
  };
}

export interface Line {
  readonly right: number;
  readonly up: number;
  readonly toRight: number;
  readonly toUp: number;
}

export type Scanned = Schemas['PictureScanView'];

/** What a line across a view crosses. */
export const scan = (sight: Sight, line: Line) =>
  answered(api.POST('/api/v1/pictures/scan', { body: { wanted: wanted(sight, null, 1, 1), ...line } }));

/** A picture or outlines to keep. */
export const fileOf = async (
  sight: Sight,
  pane: Pane,
  widthPx: number,
  as: 'PNG' | 'SVG',
  title: string,
): Promise<Blob> => {
  const heightPx = (widthPx * pane.heightMm) / pane.widthMm;
  const { data } = await api.POST('/api/v1/pictures/files', {
    body: { wanted: wanted(sight, pane, widthPx, heightPx), as, title },
    parseAs: 'blob',
  });
  if (!data) throw Problem.offline();
  return data;
};
