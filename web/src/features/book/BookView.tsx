import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Choice } from '../../ui/Choice';
import { INPUT } from '../../ui/Field';
import { Quarantine } from '../quarantine/Quarantine';
import { LoadFailed, Passing } from '../../ui/Notice';
import { bookQuery, entriesQuery, deleteEntry, deleteWeld, restoreEntry, restoreWeld } from './api';
import { EntryLine } from './EntryLine';
import { findLines, grouped, linesOf, type Line, type Shown } from './lines';
import { WeldLine } from './WeldLine';

/** What was done and what came of it, by day or by billet, newest first. */
export function BookView() {
  const book = useQuery(bookQuery);
  const entries = useQuery(entriesQuery);
  const client = useQueryClient();
  const [shown, setShown] = useState<Shown>('ALL');
  const [words, setWords] = useState('');
  const [by, setBy] = useState<'DAY' | 'BILLET'>('DAY');
  const [deleted, setDeleted] = useState<Line | null>(null);
  const again = () => client.invalidateQueries({ queryKey: ['book'] });
  const remove = useMutation({
    mutationFn: (line: Line) => (line.weld ? deleteWeld(line.weld.id) : deleteEntry(line.entry.id)),
    onSuccess: again,
  });
  const restore = useMutation({
    mutationFn: (line: Line) => (line.weld ? restoreWeld(line.weld.id) : restoreEntry(line.entry.id)),
    onSuccess: again,
  });
  if (book.isError) return <LoadFailed error={book.error} again={() => void book.refetch()} />;
  if (entries.isError) return <LoadFailed error={entries.error} again={() => void entries.refetch()} />;
  const all = book.data && entries.data && linesOf(book.data, entries.data);
  const found = all && findLines(all, shown, words);
  const welds = (lines: readonly Line[]) => lines.filter((l) => l.weld).length;
  const deleteLine = (line: Line) => {
    setDeleted(line);
    remove.mutate(line);
  };
  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <h1 className="text-2xl">Book</h1>
        <Choice<Shown>
          label="Show"
          hideLabel
          value={shown}
          options={[
            { value: 'ALL', show: 'everything' },
            { value: 'HELD', show: 'sound' },
            { value: 'SUSPECT', show: 'suspect' },
            { value: 'OPEN', show: 'delaminated' },
            { value: 'REST', show: 'inspections and measurements' },
          ]}
          onChoose={setShown}
        />
        <Choice<'DAY' | 'BILLET'>
          label="Order"
          hideLabel
          value={by}
          options={[
            { value: 'DAY', show: 'by day' },
            { value: 'BILLET', show: 'by billet' },
          ]}
          onChoose={setBy}
        />
        <input
          type="search"
          aria-label="Search the Book"
          placeholder="billet, note, protection …"
          className={`${INPUT} w-56!`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        {all && found && (
          <p className="text-soft" role="status">
            {found.length === all.length
              ? `${welds(all)} welds, ${all.length} entries`
              : `${welds(found)} of ${welds(all)} welds, ${found.length} of ${all.length} entries`}
          </p>
        )}
        <span className="ml-auto flex gap-4 text-[14px]">
          <a
            href="/api/v1/book.csv"
            download
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            Save as CSV
          </a>
          <a
            href="/api/v1/book.json"
            download
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            as JSON
          </a>
        </span>
      </div>
      <Quarantine of={['WELD', 'ENTRY']} one="line" many="lines" />
      {!all && <p className="py-10 text-soft">Loading the Book …</p>}
      {all?.length === 0 && (
        <div className="mx-auto max-w-md py-20">
          <h2 className="text-xl">The Book is empty</h2>
          <p className="pt-2 text-soft">
            Open a billet on the{' '}
            <Link to="/rack" className="underline underline-offset-4">
              Rack
            </Link>
            , choose a weld in its Run, and log heat and result. It takes three taps.
          </p>
        </div>
      )}
      {all && all.length > 0 && found?.length === 0 && <p className="py-10 text-soft">No entry matches.</p>}
      {found &&
        grouped(found, by).map((group) => (
          <section key={group.title} aria-label={group.title} className="pt-4">
            <h2 className="border-b border-ink pb-1 text-lg">{group.title}</h2>
            <ul>
              {group.lines.map((line) =>
                line.weld ? (
                  <WeldLine
                    key={`w${line.weld.id}`}
                    weld={line.weld}
                    byDay={by === 'DAY'}
                    onDelete={() => deleteLine(line)}
                  />
                ) : (
                  <EntryLine
                    key={`e${line.entry.id}`}
                    entry={line.entry}
                    byDay={by === 'DAY'}
                    onDelete={() => deleteLine(line)}
                  />
                ),
              )}
            </ul>
          </section>
        ))}
      {deleted && (
        <Passing
          words={
            deleted.weld
              ? `Deleted: ${deleted.weld.stepTitle} of “${deleted.weld.billetName}”.`
              : `Deleted: an entry of “${deleted.entry.billetName}”.`
          }
          undo={() => {
            restore.mutate(deleted);
            setDeleted(null);
          }}
          close={() => setDeleted(null)}
        />
      )}
    </main>
  );
}
