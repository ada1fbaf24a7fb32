import * as texts from 'texts/billet/ShorthandLine';
import { useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { useUnits, Words } from '../../ui/Words';

/** The whole plan as one line that can be edited. The words at fault are marked where they stand. */
export function ShorthandLine({
  line,
  onCommit,
}: {
  line: string;
  onCommit: (line: string) => Promise<Problem | null>;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  const units = useUnits();

  const put = async () => {
    if (typed === null || typed.trim() === line) {
      setTyped(null);
      setProblem(null);
      return;
    }
    const wrong = await onCommit(typed);
    setProblem(wrong);
    if (!wrong) {
      setTyped(null);
      return;
    }
    const { from, to } = wrong.more;
    if (typeof from === 'number' && typeof to === 'number') {
      field.current?.focus();
      field.current?.setSelectionRange(from, to);
    }
  };

  return (
    <div className="px-5 pb-3">
      <label htmlFor="shorthand" className="sr-only">
        {texts.thePlanInShorthandWhereNo({ system: units.system })}
      </label>
      <textarea
        id="shorthand"
        ref={field}
        className="block field-sizing-content w-full resize-none border border-line bg-raised px-2.5 py-1.5 text-[14px] leading-snug aria-invalid:border-2 aria-invalid:border-ink"
        rows={1}
        spellCheck={false}
        value={typed ?? line}
        aria-invalid={problem !== null}
        aria-describedby={problem ? 'shorthand-problem' : undefined}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => {
          // Leaving a line that is marked wrong keeps it, so that the fault can be read and edited.
          if (!problem) void put();
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
            void put();
          }
          if (e.key === 'Escape') {
            setTyped(null);
            setProblem(null);
            e.currentTarget.blur();
          }
        }}
      />
      {problem && (
        <p id="shorthand-problem" role="alert" className="pt-1 text-[13px]">
          <span aria-hidden>▲ </span>
          <Words of={texts.pressEscapeToRestoreTheOld({ detail: problem.detail })} />
        </p>
      )}
    </div>
  );
}
