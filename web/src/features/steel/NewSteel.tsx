import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field, INPUT } from '../../ui/Field';
import { MeasureField } from '../../ui/MeasureField';
import { Words } from '../../ui/Words';
import {
  addSteel,
  previewSteel,
  steelsQuery,
  type Composition,
  type Origin,
  type OwnSteel,
  type Steel,
  type StockTest,
  type TestKind,
} from './api';
import { SteelChoice } from './SteelChoice';
import { SteelFigures } from './SteelFigures';

const CONTENTS: readonly (readonly [keyof Composition, string])[] = [
  ['carbonMin', 'C least'],
  ['carbon', 'C'],
  ['carbonMax', 'C most'],
  ['manganese', 'Mn'],
  ['silicon', 'Si'],
  ['nickel', 'Ni'],
  ['chromium', 'Cr'],
  ['molybdenum', 'Mo'],
  ['vanadium', 'V'],
  ['tungsten', 'W'],
  ['copper', 'Cu'],
  ['phosphorus', 'P'],
];

const TESTS: readonly { readonly kind: TestKind; readonly name: string; readonly figure: string }[] = [
  { kind: 'SPARK', name: 'Spark', figure: 'carbon, %' },
  { kind: 'HARDEN_AND_BREAK', name: 'Harden and break', figure: 'HRC' },
  { kind: 'FILE', name: 'Hardness files', figure: 'HRC' },
  { kind: 'ETCH', name: 'Etch', figure: 'tone, 0 to 1' },
];

/** Reclaimed stock begins as the shipped steel of that kind. */
const RECLAIMED = 'leaf_spring';
const BARE = '1084';

function begin(steels: readonly Steel[], origin: Origin, like: string): OwnSteel {
  const steel = steels.find((s) => s.id === like) ?? steels[0];
  if (!steel) throw new Error('The list of steels is empty.');
  return {
    id: '',
    name: '',
    origin,
    like: origin === 'COMPOSITION' ? null : steel.id,
    composition: steel.composition,
    tests: [],
    given: {
      solidusC: null,
      weldFromC: null,
      weldToC: null,
      hardenFromC: null,
      hardenToC: null,
      quench: null,
      etchTone: null,
    },
  };
}

/** A new own steel; what would be worked out stands below as it is typed. */
export function NewSteel({ steels, onAdded }: { steels: readonly Steel[]; onAdded: (id: string) => void }) {
  const shipped = steels.filter((s) => s.ownId === null);
  const [own, setOwn] = useState(() => begin(shipped, 'RECLAIMED', RECLAIMED));
  const client = useQueryClient();
  const add = useMutation({
    mutationFn: () => addSteel(own),
    onSuccess: async (steel) => {
      await client.invalidateQueries({ queryKey: steelsQuery.queryKey });
      onAdded(steel.id);
    },
  });
  const asked: OwnSteel = { ...own, id: own.id || 'new', name: own.name || 'new' };
  const preview = useQuery({
    queryKey: ['steel-preview', asked],
    queryFn: () => previewSteel(asked),
    placeholderData: (before) => before,
    retry: false,
  });
  const problem = add.error instanceof Problem ? add.error : null;
  const wrong = (field: string) => (problem?.where === `/${field}` ? problem.detail : null);
  const become = (origin: Origin) =>
    setOwn({
      ...begin(shipped, origin, origin === 'RECLAIMED' ? RECLAIMED : BARE),
      id: own.id,
      name: own.name,
    });
  const likeness = (like: string) =>
    setOwn({ ...begin(shipped, own.origin, like), id: own.id, name: own.name, tests: own.tests });
  return (
    <form
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate();
      }}
    >
      <Choice<Origin>
        label="You know it by"
        value={own.origin}
        options={[
          { value: 'RECLAIMED', show: 'tests on reclaimed stock' },
          { value: 'CERTIFICATE', show: 'the heat’s certificate' },
          { value: 'COMPOSITION', show: 'what is in it' },
        ]}
        onChoose={become}
      />
      <div className="flex flex-wrap gap-3">
        <Field label="Short name" error={wrong('id')} className="w-40">
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={own.id}
              maxLength={40}
              required
              placeholder="old_spring"
              onChange={(e) => setOwn({ ...own, id: e.target.value })}
            />
          )}
        </Field>
        <Field label="Full name" error={wrong('name')} className="w-72">
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={own.name}
              maxLength={120}
              required
              onChange={(e) => setOwn({ ...own, name: e.target.value })}
            />
          )}
        </Field>
        {own.like !== null && (
          <div>
            <p className="condensed pb-0.5 text-[13px] text-soft">It is, or is most like</p>
            <SteelChoice label="Most like" steels={shipped} value={own.like} onChoose={likeness} />
          </div>
        )}
      </div>
      <fieldset>
        <legend className="condensed text-[13px] text-soft">Composition, mass %</legend>
        <div className="flex flex-wrap gap-2">
          {CONTENTS.map(([key, label]) => (
            <MeasureField
              key={key}
              label={label}
              measure="number"
              width="w-[4.6rem]"
              value={own.composition[key]}
              onCommit={(value) => {
                setOwn((o) => ({ ...o, composition: widened({ ...o.composition, [key]: value }) }));
                return null;
              }}
            />
          ))}
        </div>
      </fieldset>
      {own.origin === 'RECLAIMED' && (
        <TestFields tests={own.tests} onTests={(tests) => setOwn({ ...own, tests })} />
      )}
      {problem && !wrong('id') && !wrong('name') && (
        <p role="alert">
          <Words of={`${problem.detail} ${problem.remedy}`} />
        </p>
      )}
      <Button weight="strong" type="submit" disabled={add.isPending}>
        Keep this steel
      </Button>
      <div className="border-t border-line pt-3">
        {preview.isError ? (
          <p role="alert">
            <Words of={preview.error instanceof Problem ? preview.error.detail : Problem.offline().detail} />
          </p>
        ) : (
          preview.data && <SteelFigures steel={{ ...preview.data, id: own.id || 'It would be' }} />
        )}
      </div>
    </form>
  );
}

/** Carbon's range always holds the typical carbon. */
const widened = (c: Composition): Composition => ({
  ...c,
  carbonMin: Math.min(c.carbonMin, c.carbon),
  carbonMax: Math.max(c.carbonMax, c.carbon),
});

function TestFields({
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
              Take out
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
          Add the test
        </Button>
      </div>
    </fieldset>
  );
}
