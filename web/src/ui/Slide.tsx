import { Slider } from 'radix-ui';
import type { ReactNode } from 'react';

/** One figure moved with the hand; it is reported at every move. */
export function Slide({
  label,
  show,
  value,
  least,
  most,
  step,
  onChange,
}: {
  label: string;
  /** The figure in words. */
  show: ReactNode;
  value: number;
  least: number;
  most: number;
  step: number;
  onChange: (value: number) => void;
}) {
  return (
    <div>
      <p className="condensed flex items-baseline justify-between text-[13px] text-soft">
        <span>{label}</span>
        <span className="text-[15px] font-semibold text-ink">{show}</span>
      </p>
      <Slider.Root
        className="relative flex h-6 touch-none items-center select-none"
        value={[Math.min(most, Math.max(least, value))]}
        min={least}
        max={most}
        step={step}
        onValueChange={([v]) => {
          if (v !== undefined) onChange(v);
        }}
      >
        <Slider.Track className="relative h-px grow bg-line">
          <Slider.Range className="absolute -top-px h-[3px] bg-ink" />
        </Slider.Track>
        <Slider.Thumb aria-label={label} className="block h-5 w-2 bg-ink" />
      </Slider.Root>
    </div>
  );
}
