import * as texts from 'texts/rack/ReadPlanFile';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { rackQuery, readPlanFile } from '../billet/api';
import { steelsQuery } from '../steel/api';

/** Takes a billet in from an open plan file; a broken one is named with its place. */
export function ReadPlanFile() {
  const [problem, setProblem] = useState<{ file: string; said: Problem } | null>(null);
  const [reading, setReading] = useState(false);
  const client = useQueryClient();
  const navigate = useNavigate();
  const read = async (file: File) => {
    setReading(true);
    setProblem(null);
    try {
      const { id } = await readPlanFile(await file.text());
      await Promise.all([client.invalidateQueries(rackQuery), client.invalidateQueries(steelsQuery)]);
      await navigate(`/billets/${id}`);
    } catch (e) {
      setProblem({ file: file.name, said: Problem.from(e) });
    } finally {
      setReading(false);
    }
  };
  return (
    <>
      <FileButton
        name={texts.planFile}
        accept=".json,application/json"
        disabled={reading}
        onFile={(file) => void read(file)}
      >
        {reading ? texts.reading : texts.importPlanFile}
      </FileButton>
      {problem && (
        <div className="fixed right-5 bottom-5 z-40 max-w-lg border border-ink">
          <Notice title={texts.wasNotImported({ file: problem.file })}>
            <p>
              <Words of={problem.said.detail} />
            </p>
            {problem.said.where !== '' && (
              <p className="condensed">{texts.at({ where: problem.said.where })}</p>
            )}
            <Button className="mt-2 text-ink" onClick={() => setProblem(null)}>
              {texts.close}
            </Button>
          </Notice>
        </div>
      )}
    </>
  );
}
