import * as texts from 'texts/account/Archive';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { shortTime } from '../book/time';
import { lookIntoArchive, restoreArchive, type ArchiveContents } from './api';
import { sessionQuery } from './session';

/** An archive of a shop: what is in it, and restoring it where there is no shop yet. */
export function Archive({ first, onBack }: { first: boolean; onBack?: () => void }) {
  const client = useQueryClient();
  const [code, setCode] = useState('');
  const [file, setFile] = useState<File | null>(null);
  const look = useMutation({ mutationFn: () => lookIntoArchive(file as File, code) });
  const restore = useMutation({
    mutationFn: (id: string) => restoreArchive(id, code),
    onSuccess: () => client.invalidateQueries(sessionQuery),
  });
  const problem = look.error ?? restore.error;
  const said = problem ? Problem.from(problem) : null;
  return (
    <form
      aria-label={texts.restoreFromAnArchive}
      className="grid content-start gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        look.mutate();
      }}
    >
      {first ? <h2 className="text-xl">{texts.restoreAShop}</h2> : <h3>{texts.checkAnArchive}</h3>}
      <p className="max-w-prose text-soft">
        {first ? texts.fromAnArchiveOfThisOr : texts.seeWhatAnArchiveHoldsTo}
      </p>
      {first && (
        <Field label={texts.codeFromTheConsole} error={said?.where === '/code' ? said.detail : null}>
          {(p) => (
            <input
              {...p}
              className={INPUT}
              value={code}
              onChange={(e) => setCode(e.target.value)}
              autoComplete="off"
              required
            />
          )}
        </Field>
      )}
      <Field label={texts.archiveFile} error={said && said.where !== '/code' ? said.detail : null}>
        {(p) => (
          <input
            {...p}
            type="file"
            accept=".zip,application/zip"
            className={INPUT}
            onChange={(e) => {
              look.reset();
              restore.reset();
              setFile(e.target.files?.[0] ?? null);
            }}
          />
        )}
      </Field>
      <div className="flex flex-wrap gap-3">
        <Button type="submit" disabled={!file || look.isPending}>
          {look.isPending ? texts.readingTheArchive : texts.showContents}
        </Button>
        {onBack && <Button onClick={onBack}>{texts.back}</Button>}
      </div>
      {look.data && (
        <div className="grid gap-3">
          <Contents of={look.data} />
          {first && (
            <Button
              weight="strong"
              disabled={restore.isPending || !look.data.empty}
              onClick={() => restore.mutate(look.data.id)}
            >
              {restore.isPending ? texts.restoring : texts.restoreThisShop}
            </Button>
          )}
        </div>
      )}
    </form>
  );
}

function Contents({ of }: { of: ArchiveContents }) {
  const rows = [
    [texts.billets, of.billets],
    [texts.welds, of.welds],
    [texts.inspectionsRepairsMeasurements, of.entries],
    [texts.sessions, of.sessions],
    [texts.photographs, of.photographs],
    [texts.people, of.people],
  ] as const;
  return (
    <section aria-label={texts.contentsOfTheArchive} className="border border-line bg-raised px-3 py-2">
      <p className="pb-1 text-soft">
        {texts.made({ madeAt: shortTime(of.madeAt) })}
        {of.schema === of.schemaHere
          ? ''
          : texts.byAnEarlierReleaseTablesHere({ schema: of.schema, schemaHere: of.schemaHere })}
      </p>
      <dl className="grid max-w-md grid-cols-[1fr_auto] gap-x-6">
        {rows.map(([name, count]) => (
          <div key={name} className="contents">
            <dt>{name}</dt>
            <dd className="text-right tabular-nums">{count.toLocaleString('en')}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
