import { Field, INPUT } from './Field';

/** One of several words from a list that opens; the label is over it, or is only spoken. */
export function Select<T extends string>({
  label,
  hideLabel = false,
  value,
  options,
  onChoose,
}: {
  label: string;
  hideLabel?: boolean;
  value: T;
  /** What can be chosen, with how it reads. */
  options: Readonly<Record<T, string>>;
  onChoose: (value: T) => void;
}) {
  const list = (parts: object) => (
    <select {...parts} className={INPUT} value={value} onChange={(e) => onChoose(e.target.value as T)}>
      {Object.entries<string>(options).map(([of, words]) => (
        <option key={of} value={of}>
          {words}
        </option>
      ))}
    </select>
  );
  return hideLabel ? list({ 'aria-label': label }) : <Field label={label}>{list}</Field>;
}
