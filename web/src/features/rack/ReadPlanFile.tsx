import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { rackQuery, readPlanFile } from '../billet/api';
import { steelsQuery } from '../steel/api';

/** Takes a billet in from an open plan file; a broken one is named with its place. */
export function ReadPlanFile() {
  const field = useRef<HTMLInputElement>(null);
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
      <input
        ref={field}
        type="file"
        accept=".json,application/json"
        aria-label="Plan file"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          if (file) void read(file);
          e.target.value = '';
        }}
      />
      <Button disabled={reading} onClick={() => field.current?.click()}>
        {reading ? 'Reading …' : 'Read a plan file'}
      </Button>
      {problem && (
        <div className="fixed right-5 bottom-5 z-40 max-w-lg border border-ink">
          <Notice title={`“${problem.file}” was not taken.`}>
            <p>
              <Words of={problem.said.detail} />
            </p>
            {problem.said.where !== '' && <p className="condensed">at {problem.said.where}</p>}
            <Button className="mt-2 text-ink" onClick={() => setProblem(null)}>
              Close
            </Button>
          </Notice>
        </div>
      )}
    </>
  );
}
