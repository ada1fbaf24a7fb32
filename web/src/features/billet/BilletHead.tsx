import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Length } from '../../ui/Words';
import type { Billet } from './api';
import type { Doc } from './useBillet';

/** Name and purpose, edited where they stand, and what the billet will come to in a line. */
export function BilletHead({
  billet,
  onRename,
  canUndo,
  canRedo,
  onUndo,
  onRedo,
  busy,
}: {
  billet: Billet;
  onRename: (names: Partial<Pick<Doc, 'name' | 'purpose'>>) => Promise<string | null>;
  canUndo: boolean;
  canRedo: boolean;
  onUndo: () => void;
  onRedo: () => void;
  busy: boolean;
}) {
  const end = billet.run.stages.at(-1);
  const steels = [...new Set(billet.plan.stack.pieces.map((p) => p.steel))];
  return (
    <div className="flex items-end gap-5 px-5 pt-3 pb-2">
      <div className="min-w-0 flex-1">
        <h1 className="sr-only">{billet.name}</h1>
        <InPlace
          label="Name"
          value={billet.name}
          className="text-2xl font-semibold"
          onCommit={(name) => onRename({ name })}
        />
        <div className="flex items-baseline gap-1.5 text-soft">
          <InPlace
            label="What it is for"
            value={billet.purpose}
            placeholder="what it is for"
            className=""
            onCommit={(purpose) => onRename({ purpose })}
          />
          {end && (
            <p className="shrink-0">
              <span aria-hidden>· </span>
              {listed(steels)}
              {!billet.run.stop && (
                <>
                  {' '}
                  · ends {end.count > 1 && `${end.count} of `}
                  <Length mm={end.widthMm} /> × <Length mm={end.heightMm} /> ×{' '}
                  <Length mm={end.lengthMm} unit /> · {Math.round((1 - billet.run.ledger.left) * 100)} % of
                  the steel spent
                </>
              )}
            </p>
          )}
        </div>
      </div>
      <div className="flex items-baseline gap-2">
        <span role="status" className="pr-2 text-[13px] text-soft">
          {busy ? 'storing …' : ''}
        </span>
        <Button onClick={onUndo} disabled={!canUndo} title="Ctrl Z">
          Undo
        </Button>
        <Button onClick={onRedo} disabled={!canRedo} title="Ctrl Shift Z">
          Redo
        </Button>
      </div>
    </div>
  );
}

const listed = (words: readonly string[]) =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

/** A line of words that is a field when it is clicked into. */
function InPlace({
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
    <span className="block min-w-0">
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
