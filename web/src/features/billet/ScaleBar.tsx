import { useUnits } from '../../ui/Words';

const MM_PER_INCH = 25.4;
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];
const INCHES = [0.25, 0.5, 1, 2, 3, 6, 12, 24, 36];
const WANTED_PX = 110;

/** A round length at the Run's scale, in the reader's unit. */
export function ScaleBar({ scale }: { scale: number }) {
  const metric = useUnits() === 'METRIC';
  const lengths = metric ? STEPS : INCHES;
  const mm = (n: number) => (metric ? n : n * MM_PER_INCH);
  const best = lengths.reduce((a, b) =>
    Math.abs(mm(b) * scale - WANTED_PX) < Math.abs(mm(a) * scale - WANTED_PX) ? b : a,
  );
  const width = mm(best) * scale;
  return (
    <div className="flex items-center gap-2 py-3 pl-[14rem] text-[13px] text-soft">
      <svg width={width + 2} height="9" aria-hidden>
        <path d={`M1 0v9M1 4.5h${width}M${width + 1} 0v9`} stroke="currentColor" fill="none" />
      </svg>
      {best} {metric ? 'mm' : 'in'}, the same in every row
    </div>
  );
}
