import { Field, INPUT } from './Field';

/** A line of words with its label, and beside it what is wrong with it. */
export function TextField({
  label,
  value,
  longest,
  error,
  onChange,
}: {
  label: string;
  value: string;
  /** Characters. */
  longest: number;
  error: string | null;
  onChange: (value: string) => void;
}) {
  return (
    <Field label={label} error={error}>
      {(parts) => (
        <input
          {...parts}
          className={INPUT}
          maxLength={longest}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Field>
  );
}
