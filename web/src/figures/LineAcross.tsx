/** A line on a picture, as shares of its width and height from the top left corner. */
interface Across {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** A line that is seen on light and on dark steel. */
export function LineAcross({ line, width, height }: { line: Across; width: number; height: number }) {
  const ends = { x1: line.x1 * width, y1: line.y1 * height, x2: line.x2 * width, y2: line.y2 * height };
  return (
    <>
      <line {...ends} stroke="white" strokeWidth={4} />
      <line {...ends} stroke="black" strokeWidth={1.5} />
    </>
  );
}
