import * as texts from 'texts/steel/TestFields';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Field';
import type { StockTest, TestKind } from './api';

const TESTS: readonly { readonly kind: TestKind; readonly name: string; readonly figure: string }[] = [
  { kind: 'SPARK', name: texts.spark, figure: texts.carbon },
  { kind: 'HARDEN_AND_BREAK', name: texts.hardenAndBreak, figure: 'HRC' },
  { kind: 'FILE', name: texts.hardnessFiles, figure: 'HRC' },
  { kind: 'ETCH', name: texts.etch, figure: texts.tone0To1 },
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
      <legend className="condensed text-[13px] text-soft">{texts.testsMadeOnItOneThat}</legend>
      <ul>
        {tests.map((t, i) => (
          <li key={i} className="flex items-baseline gap-3 border-b border-rule py-1">
            <b>{TESTS.find((k) => k.kind === t.kind)?.name}</b>
            <span className="flex-1">
              {t.seen}
              {t.value !== null && ` · ${t.value}`}
            </span>
            <Button weight="quiet" onClick={() => onTests(tests.filter((_, k) => k !== i))}>
              {texts.remove}
            </Button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-2 pt-2">
        <select
          aria-label={texts.kindOfTest}
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
          aria-label={texts.whatWasSeen}
          placeholder={texts.whatWasSeen2}
          className={`${INPUT} w-64!`}
          value={seen}
          onChange={(e) => setSeen(e.target.value)}
        />
        <input
          aria-label={texts.figure({ value: test?.figure ?? '' })}
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
          {texts.addTest}
        </Button>
      </div>
    </fieldset>
  );
}
