import { useId, type ReactNode } from 'react';
import { Words } from './Words';

interface Parts {
  readonly id: string;
  readonly 'aria-invalid': boolean;
  readonly 'aria-describedby': string | undefined;
}

export const INPUT =
  'w-full border border-line bg-raised px-2 py-1 text-ink aria-invalid:border-ink aria-invalid:border-2 placeholder:text-soft';

/** A label, what is under it, and the error right below it. */
export function Field({
  label,
  error,
  hint,
  className = '',
  children,
}: {
  label: ReactNode;
  error?: string | null | undefined;
  hint?: ReactNode;
  className?: string;
  children: (parts: Parts) => ReactNode;
}) {
  const id = useId();
  const below = `${id}-below`;
  return (
    <div className={className}>
      <label htmlFor={id} className="condensed block pb-0.5 text-[13px] text-soft">
        {label}
      </label>
      {children({ id, 'aria-invalid': !!error, 'aria-describedby': error || hint ? below : undefined })}
      {(error || hint) && (
        <p id={below} role={error ? 'alert' : undefined} className="pt-1 text-[13px] leading-snug">
          {error ? (
            <>
              <span aria-hidden>▲ </span>
              <Words of={error} />
            </>
          ) : (
            <span className="text-soft">{hint}</span>
          )}
        </p>
      )}
    </div>
  );
}
