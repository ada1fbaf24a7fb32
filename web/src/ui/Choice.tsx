import { ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

/** A few things to choose one of, side by side. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChoose,
  hideLabel = false,
}: {
  label: string;
  value: T | null;
  options: readonly { readonly value: T; readonly show: ReactNode }[];
  onChoose: (value: T) => void;
  hideLabel?: boolean;
}) {
  return (
    <div>
      <p className={hideLabel ? 'sr-only' : 'condensed pb-0.5 text-[13px] text-soft'}>{label}</p>
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={value ?? ''}
        onValueChange={(v) => {
          if (v !== '') onChoose(v as T);
        }}
        className="flex w-fit max-w-full flex-wrap border border-line"
      >
        {options.map((o) => (
          <ToggleGroup.Item
            key={o.value}
            value={o.value}
            className="border-r border-line px-2.5 py-1 last:border-r-0 hover:bg-raised data-[state=on]:bg-ink data-[state=on]:text-ground"
          >
            {o.show}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
