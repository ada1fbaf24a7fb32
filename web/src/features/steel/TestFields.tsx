import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Field';
import type { StockTest, TestKind } from './api';

const TESTS: readonly { readonly kind: TestKind; readonly name: string; readonly figure: string }[] = [
  { kind: 'SPARK', name: 'Spark', figure: 'carbon, %' },
  { kind: 'HARDEN_AND_BREAK', name: 'Harden and break', figure: 'HRC' },
  { kind: 'FILE', name: 'Hardness files', figure: 'HRC' },
  { kind: 'ETCH', name: 'Etch', figure: 'tone, 0 to 1' },
];

/** The tests made on a piece of stock, and one more. */
export function TestFields({
  tests,
  onTests,
}: {
  tests: readonly StockTest[];
  onTests: (tests: readonly StockTest[]) => void;
}) {
  const [kind, setKind] = useState<TestKind>('SPARK');
  const [seen, setSeen] = useState('');
  const [figure, setFigure] = useState('');
  const test = TESTS.find((t) => t.kind === kind);
  const value = figure.trim() === '' ? null : Number(figure);
  const readable = value === null || Number.isFinite(value);
  return (
    <fieldset>
      <legend className="condensed text-[13px] text-soft">
        Tests made on it; one that shows it hardens and one look at spark or etch make it fair
      </legend>
      <ul>
        {tests.map((t, i) => (
          <li key={i} className="flex items-baseline gap-3 border-b border-rule py-1">
            <b>{TESTS.find((k) => k.kind === t.kind)?.name}</b>
            <span className="flex-1">
              {t.seen}
              {t.value !== null && ` · ${t.value}`}
            </span>
            <Button weight="quiet" onClick={() => onTests(tests.filter((_, k) => k !== i))}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-2 pt-2">
        <select
          aria-label="Kind of test"
          className={`${INPUT} w-44!`}
          value={kind}
          onChange={(e) => setKind(e.target.value as TestKind)}
        >
          {TESTS.map((t) => (
            <option key={t.kind} value={t.kind}>
              {t.name}
            </option>
          ))}
        </select>
        <input
          aria-label="What was seen"
          placeholder="what was seen"
          className={`${INPUT} w-64!`}
          value={seen}
          onChange={(e) => setSeen(e.target.value)}
        />
        <input
          aria-label={`Figure: ${test?.figure ?? ''}`}
          placeholder={test?.figure}
          className={`${INPUT} w-28!`}
          value={figure}
          aria-invalid={!readable}
          onChange={(e) => setFigure(e.target.value)}
        />
        <Button
          disabled={seen.trim() === '' || !readable}
          onClick={() => {
            onTests([...tests, { kind, seen, value }]);
            setSeen('');
            setFigure('');
          }}
        >
          Add test
        </Button>
      </div>
    </fieldset>
  );
}
