import { useState } from 'react';

/** A line of words that is a field when it is clicked into. */
export function InPlace({
  label,
  value,
  placeholder = '',
  className,
  onCommit,
}: {
  label: string;
  value: string;
  placeholder?: string;
  className: string;
  onCommit: (value: string) => Promise<string | null>;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    setSeen(value);
    setTyped(null);
    setError(null);
  }
  const put = async () => {
    if (typed === null || typed === value) {
      setTyped(null);
      return;
    }
    const wrong = await onCommit(typed);
    setError(wrong);
    if (wrong === null) setTyped(null);
  };
  return (
    <span className="block min-w-0" data-own-words>
      <input
        aria-label={label}
        aria-invalid={error !== null}
        placeholder={placeholder}
        className={`field-sizing-content max-w-full min-w-24 truncate border-b border-transparent bg-transparent hover:border-line focus:border-ink ${className}`}
        value={typed ?? value}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => void put()}
        onKeyDown={(e) => {
          if (e.key === 'Enter') void put();
          if (e.key === 'Escape') {
            setTyped(null);
            setError(null);
          }
        }}
      />
      {error && (
        <span role="alert" className="block text-[13px] text-ink">
          <span aria-hidden>▲ </span>
          {error}
        </span>
      )}
    </span>
  );
}
