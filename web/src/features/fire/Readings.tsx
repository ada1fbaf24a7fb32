import * as texts from 'texts/fire/Readings';
import { useMutation } from '@tanstack/react-query';
import { Problem } from '../../lib/http';
import { FileButton } from '../../ui/FileButton';
import { Words } from '../../ui/Words';
import { takeReadings } from './api';

const imported = (count: number) => texts.readingsImported({ count });

/** Exports the readings of a session and imports those of a logger, all of them or none. */
export function Readings({ id }: { id: number }) {
  const take = useMutation({
    mutationFn: async (file: File) => takeReadings(id, await file.text()),
  });
  const problem = take.error && Problem.from(take.error);
  const line = problem && /^\/line\/(\d+)/.exec(problem.where)?.[1];
  return (
    <>
      <span role="status">{take.data && imported(take.data.lines)}</span>
      {problem && (
        <span role="alert" className="max-w-md">
          {texts.wasNotImported({ name: take.variables.name })} {line && texts.line({ line })}
          <Words of={`${problem.detail} ${problem.remedy}`} />
        </span>
      )}
      <FileButton
        weight="quiet"
        name={texts.loggerFile}
        accept=".csv,text/csv"
        title={texts.aCsvFileWithTheColumns}
        disabled={take.isPending}
        onFile={(file) => take.mutate(file)}
      >
        {take.isPending ? texts.importing : texts.importLoggerReadings}
      </FileButton>
      <a
        className="underline decoration-line underline-offset-4"
        href={`/api/v1/forge-sessions/${id}/readings.csv`}
      >
        {texts.readingsAsCsv}
      </a>
    </>
  );
}
