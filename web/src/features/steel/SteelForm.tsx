import * as texts from 'texts/steel/SteelForm';
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
  changeSteel,
  previewSteel,
  steelsQuery,
  type Composition,
  type Origin,
  type OwnSteel,
  type Steel,
} from './api';
import { SteelChoice } from './SteelChoice';
import { GivenFields } from './GivenFields';
import { SteelFigures } from './SteelFigures';
import { TestFields } from './TestFields';

const CONTENTS: readonly (readonly [keyof Composition, string])[] = [
  ['carbonMin', texts.cLeast],
  ['carbon', 'C'],
  ['carbonMax', texts.cMost],
  ['manganese', texts.mn],
  ['silicon', texts.si],
  ['nickel', texts.ni],
  ['chromium', texts.cr],
  ['molybdenum', texts.mo],
  ['vanadium', 'V'],
  ['tungsten', 'W'],
  ['copper', texts.cu],
  ['phosphorus', 'P'],
];

/** Reclaimed stock begins as the shipped steel of that kind. */
const RECLAIMED = 'leaf_spring';
const BARE = '1084';

function begin(steels: readonly Steel[], origin: Origin, like: string): OwnSteel {
  const steel = steels.find((s) => s.id === like) ?? steels[0];
  if (!steel) throw new Error(texts.enterAtLeastOneSteel);
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

/** An own steel that is there already, to be changed. */
export interface Existing {
  readonly id: number;
  readonly version: number;
  readonly known: OwnSteel;
}

/** An own steel, new or changed; what would be worked out is below as it is typed. */
export function SteelForm({
  steels,
  existing,
  onKept,
}: {
  steels: readonly Steel[];
  existing?: Existing | undefined;
  onKept: (id: string) => void;
}) {
  const shipped = steels.filter((s) => s.ownId === null);
  const [own, setOwn] = useState(() => existing?.known ?? begin(shipped, 'RECLAIMED', RECLAIMED));
  const client = useQueryClient();
  const add = useMutation({
    mutationFn: () => (existing ? changeSteel(existing.id, existing.version, own) : addSteel(own)),
    onSuccess: async (steel) => {
      await client.invalidateQueries({ queryKey: steelsQuery.queryKey });
      onKept(steel.id);
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
        label={texts.source}
        value={own.origin}
        options={[
          { value: 'RECLAIMED', show: texts.testsOnReclaimedStock },
          { value: 'CERTIFICATE', show: texts.millCertificate },
          { value: 'COMPOSITION', show: texts.composition },
        ]}
        onChoose={become}
      />
      <div className="flex flex-wrap gap-3">
        <Field label={texts.shortName} error={wrong('id')} className="w-40">
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={own.id}
              maxLength={40}
              required
              disabled={existing !== undefined}
              placeholder={texts.oldSpring}
              onChange={(e) => setOwn({ ...own, id: e.target.value })}
            />
          )}
        </Field>
        <Field label={texts.fullName} error={wrong('name')} className="w-72">
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
            <p className="condensed pb-0.5 text-[13px] text-soft">{texts.sameAsOrMostLike}</p>
            <SteelChoice label={texts.mostLike} steels={shipped} value={own.like} onChoose={likeness} />
          </div>
        )}
      </div>
      <fieldset>
        <legend className="condensed text-[13px] text-soft">{texts.compositionMass}</legend>
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
      {preview.data && (
        <GivenFields
          given={own.given}
          worked={preview.data}
          onGiven={(given) => setOwn((o) => ({ ...o, given: { ...o.given, ...given } }))}
        />
      )}
      {problem && !wrong('id') && !wrong('name') && (
        <p role="alert">
          <Words of={`${problem.detail} ${problem.remedy}`} />
        </p>
      )}
      <Button weight="strong" type="submit" disabled={add.isPending}>
        {texts.saveSteel}
      </Button>
      <div className="border-t border-line pt-3">
        {preview.isError ? (
          <p role="alert">
            <Words of={Problem.from(preview.error).detail} />
          </p>
        ) : (
          preview.data && <SteelFigures steel={{ ...preview.data, id: own.id || texts.calculated }} />
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
