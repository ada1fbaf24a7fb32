import { scaleBar } from '../../figures/scaleBar';
import { Length, useMetric } from '../../ui/Words';

/** A round length at a scale, in the reader's unit. */
export function ScaleBar({ scale, children }: { scale: number; children?: React.ReactNode }) {
  const { mm, px } = scaleBar(scale, useMetric());
  return (
    <div className="flex items-center gap-2 text-[13px] text-soft">
      <svg width={px + 2} height="9" aria-hidden>
        <path d={`M1 0v9M1 4.5h${px}M${px + 1} 0v9`} stroke="currentColor" fill="none" />
      </svg>
      <span>
        <Length mm={mm} unit />
        {children}
      </span>
    </div>
  );
}
