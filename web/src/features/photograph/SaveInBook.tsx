import * as texts from 'texts/photograph/SaveInBook';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Notice';
import type { useWriteEntry } from '../book/useWriteEntry';

/** The button that writes what was found in a photograph, or that it is written. */
export function SaveInBook({
  write,
  isKept,
  disabled,
  words = texts.keepInTheBook,
  onSave,
  children,
}: {
  write: ReturnType<typeof useWriteEntry>;
  /** Whether what is shown is written already. */
  isKept: boolean;
  disabled: boolean;
  words?: string;
  onSave: () => void;
  children: ReactNode;
}) {
  return (
    <>
      {write.error && <Refusal error={write.error} />}
      <div className="flex flex-wrap items-center gap-3 pb-4">
        {isKept ? (
          <p role="status">
            {texts.keptInThe}{' '}
            <Link to="/book" className="underline underline-offset-4">
              {texts.book}
            </Link>
          </p>
        ) : (
          <Button weight="strong" disabled={disabled || write.isPending} onClick={onSave}>
            {write.isPending ? texts.saving : words}
          </Button>
        )}
        {children}
      </div>
    </>
  );
}
