import * as texts from 'texts/ui/Notice';
import type { ReactNode } from 'react';
import { Problem } from '../lib/http';
import { Button } from './Button';
import { Words } from './Words';

/** Something that went wrong or must be said, in place, with what to do about it. */
export function Notice({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div role="alert" className="border-l-4 border-ink bg-raised px-4 py-3">
      <p className="font-semibold">{title}</p>
      <div className="pt-1 text-soft">{children}</div>
    </div>
  );
}

/** What was refused or failed, in place, with its remedy and figures in the reader's units. */
export function Refusal({ error }: { error: unknown }) {
  const { detail, remedy } = Problem.from(error);
  return (
    <p role="alert">
      ▲ <Words of={`${detail} ${remedy}`} />
    </p>
  );
}

/** A failed load, with a way to try again. */
export function LoadFailed({ error, again }: { error: unknown; again: () => void }) {
  const problem = Problem.from(error);
  return (
    <div className="mx-auto max-w-xl p-10">
      <Notice title={problem.title}>
        <p>
          <Words of={`${problem.detail} ${problem.remedy}`} />
        </p>
        <Button className="mt-3 text-ink" onClick={again}>
          {texts.tryAgain}
        </Button>
      </Notice>
    </div>
  );
}

/** A line that comes up at the foot of the page with a way back, and announces itself. */
export function Passing({ words, undo, close }: { words: string; undo: () => void; close: () => void }) {
  return (
    <div
      role="status"
      className="fixed bottom-5 left-1/2 z-40 flex -translate-x-1/2 items-center gap-5 bg-ink px-5 py-3 text-ground"
    >
      <span>{words}</span>
      <button type="button" className="font-semibold underline underline-offset-4" onClick={undo}>
        {texts.undo}
      </button>
      <button type="button" className="underline underline-offset-4 opacity-80" onClick={close}>
        {texts.close}
      </button>
    </div>
  );
}
