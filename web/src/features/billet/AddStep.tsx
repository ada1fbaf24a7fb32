import * as texts from 'texts/billet/AddStep';
import { useState } from 'react';
import { INPUT } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { Kbd } from './Keys';
import { KIND_GROUPS } from './planWords';

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
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-t border-rule pt-2 text-[14px]">
        {KIND_GROUPS.map((g) => (
          <div key={g.at} className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
            <span className="condensed text-[13px] text-soft">{g.at}</span>
            {g.kinds.map((k) => (
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
          </div>
        ))}
        <input
          aria-label={texts.typeAStep}
          placeholder={texts.orTypeItTwist63}
          className={`${INPUT} w-64!`}
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
