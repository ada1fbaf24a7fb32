import * as texts from 'texts/book/BookView';
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
        <h1 className="text-2xl">{texts.book}</h1>
        <Choice<Shown>
          label={texts.show}
          hideLabel
          value={shown}
          options={[
            { value: 'ALL', show: texts.everything },
            { value: 'HELD', show: texts.sound },
            { value: 'SUSPECT', show: texts.suspect },
            { value: 'OPEN', show: texts.delaminated },
            { value: 'REST', show: texts.inspectionsAndMeasurements },
          ]}
          onChoose={setShown}
        />
        <Choice<'DAY' | 'BILLET'>
          label={texts.order}
          hideLabel
          value={by}
          options={[
            { value: 'DAY', show: texts.byDay },
            { value: 'BILLET', show: texts.byBillet },
          ]}
          onChoose={setBy}
        />
        <input
          type="search"
          aria-label={texts.searchTheBook}
          placeholder={texts.billetNoteProtection}
          className={`${INPUT} w-56!`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        {all && found && (
          <p className="text-soft" role="status">
            {found.length === all.length
              ? texts.weldsEntries({ all: welds(all), length: all.length })
              : texts.ofWeldsOfEntries({
                  found: welds(found),
                  all: welds(all),
                  length: found.length,
                  length2: all.length,
                })}
          </p>
        )}
        <span className="ml-auto flex flex-wrap gap-4 text-[14px]">
          <a
            href="/api/v1/book.csv"
            download
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            {texts.saveAsCsv}
          </a>
          <a
            href="/api/v1/book.json"
            download
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            {texts.asJson}
          </a>
        </span>
      </div>
      <Quarantine of={['WELD', 'ENTRY']} one={texts.line} many={texts.lines} />
      {!all && <p className="py-10 text-soft">{texts.loadingTheBook}</p>}
      {all?.length === 0 && (
        <div className="mx-auto max-w-md py-20">
          <h2 className="text-xl">{texts.theBookIsEmpty}</h2>
          <p className="pt-2 text-soft">
            {texts.openABilletOnThe}
            <Link to="/rack" className="underline underline-offset-4">
              {texts.rack}
            </Link>
            {texts.chooseAWeldInItsRun}
          </p>
        </div>
      )}
      {all && all.length > 0 && found?.length === 0 && (
        <p className="py-10 text-soft">{texts.noEntryMatches}</p>
      )}
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
              ? texts.deletedOf({ stepTitle: deleted.weld.stepTitle, billetName: deleted.weld.billetName })
              : texts.deletedAnEntryOf({ billetName: deleted.entry.billetName })
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
