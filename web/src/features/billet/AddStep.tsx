import { useState } from 'react';
import { INPUT } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { Kbd } from './Keys';
import { KINDS } from './plan';

/** Adds a step after the open row: by name, by its letter, or typed in shorthand. */
export function AddStep({
  showKeys,
  onAdd,
}: {
  showKeys: boolean;
  onAdd: (words: string) => Promise<string | null>;
}) {
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string | null>(null);
  const add = async (words: string) => {
    const wrong = await onAdd(words);
    setError(wrong);
    if (wrong === null) setTyped('');
  };
  return (
    <div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <span className="condensed text-[13px] text-soft">Then</span>
        {KINDS.map((k) => (
          <button
            key={k.kind}
            type="button"
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
            onClick={() => void add(k.kind)}
          >
            {k.name}
            {showKeys && <Kbd>{k.letter}</Kbd>}
          </button>
        ))}
        <input
          aria-label="Type a step"
          placeholder="or type it: cut 5"
          className={`${INPUT} w-44!`}
          value={typed}
          aria-invalid={error !== null}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && typed.trim() !== '') void add(typed);
            if (e.key === 'Escape') {
              setTyped('');
              setError(null);
            }
          }}
        />
      </div>
      {error && (
        <p role="alert" className="pt-1 text-[13px]">
          <span aria-hidden>▲ </span>
          <Words of={error} />
        </p>
      )}
    </div>
  );
}
