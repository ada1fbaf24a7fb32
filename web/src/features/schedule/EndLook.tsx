import * as texts from 'texts/schedule/EndLook';
/** How the end of a finished bar would look, upright: layers finer than a line run into grey. */
export function EndLook({ look, tones }: { look: readonly number[]; tones: readonly number[] }) {
  const [first = 0.2, other = 0.8] = tones;
  const grey = (share: number) => {
    const light = Math.round(255 * (other + (first - other) * (share / 100)));
    return `rgb(${light} ${light} ${light})`;
  };
  return (
    <span className="mt-1 flex items-center gap-2">
      <svg
        role="img"
        aria-label={texts.predictedEnd}
        className="h-5 w-44 border border-rule"
        viewBox={`0 0 ${look.length} 1`}
        preserveAspectRatio="none"
      >
        {look.map((share, i) => (
          <rect key={i} x={i} width={1.02} height={1} fill={grey(share)} />
        ))}
      </svg>
      <span className="condensed text-[12px] text-soft">{texts.endFromTheBottom}</span>
    </span>
  );
}
