import type { Place } from './api';

/** A face seen aslant: from places on the face to places on the picture. No React in here. */

/** Nine numbers, row by row: x = (ax + by + c) / (gx + hy + i), and so on. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

/** From the square of 0 to 1 to four corners: upper left, upper right, lower right, lower left. */
export function fromSquare([a, b, c, d]: readonly [Place, Place, Place, Place]): Homography {
  const dx1 = b.x - c.x;
  const dx2 = d.x - c.x;
  const dy1 = b.y - c.y;
  const dy2 = d.y - c.y;
  const sx = a.x - b.x + c.x - d.x;
  const sy = a.y - b.y + c.y - d.y;
  const det = dx1 * dy2 - dx2 * dy1 || 1e-12;
  const g = (sx * dy2 - dx2 * sy) / det;
  const h = (dx1 * sy - sx * dy1) / det;
  return [
    b.x - a.x + g * b.x,
    d.x - a.x + h * d.x,
    a.x,
    b.y - a.y + g * b.y,
    d.y - a.y + h * d.y,
    a.y,
    g,
    h,
    1,
  ];
}

/** Where a place is seen. */
export function mapped([a, b, c, d, e, f, g, h, i]: Homography, { x, y }: Place): Place {
  const w = g * x + h * y + i;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/** Back again. */
export function inverse([a, b, c, d, e, f, g, h, i]: Homography): Homography {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

/**
 * As a style's transform that lays a picture's face over a box: the picture is drawn on pixels of its own, the
 * box is so many wide and high.
 */
export function transform(
  corners: readonly [Place, Place, Place, Place],
  picture: { readonly width: number; readonly height: number },
  box: { readonly width: number; readonly height: number },
): string {
  const onPicture = corners.map((at) => ({ x: at.x * picture.width, y: at.y * picture.height }));
  const [p, q, r, s] = onPicture;
  if (!p || !q || !r || !s) return 'none';
  const [a, b, c, d, e, f, g, h, i] = inverse(fromSquare([p, q, r, s]));
  const w = box.width;
  const t = box.height;
  const m = [
    (a * w) / i,
    (d * t) / i,
    0,
    g / i,
    (b * w) / i,
    (e * t) / i,
    0,
    h / i,
    0,
    0,
    1,
    0,
    (c * w) / i,
    (f * t) / i,
    0,
    1,
  ];
  return `matrix3d(${m.map((n) => n.toPrecision(9)).join(',')})`;
}

/** Where a line on a face is on the picture, from shares of the face to shares of the picture. */
export function lineOnPicture(
  corners: readonly Place[],
  line: { readonly fromX: number; readonly fromY: number; readonly toX: number; readonly toY: number },
): readonly Place[] {
  const [a, b, c, d] = corners;
  if (!a || !b || !c || !d) return [];
  const seen = fromSquare([a, b, c, d]);
  return [mapped(seen, { x: line.fromX, y: line.fromY }), mapped(seen, { x: line.toX, y: line.toY })];
}
