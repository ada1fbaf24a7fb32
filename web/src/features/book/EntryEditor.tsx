import * as texts from 'texts/book/EntryEditor';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { changeEntry, entryBeforeQuery, type Entry, type Says } from './api';
import { entryWords, noteOf } from './lines';
import { shortTime } from './time';

/** The same entry with another note. */
function withNote({ says }: Entry, note: string): Says {
  if (says.inspection) return { inspection: { ...says.inspection, note } };
  if (says.disposition) return { disposition: { ...says.disposition, note } };
  if (says.measured) return { measured: { ...says.measured, note } };
  if (says.noted) return { noted: { ...says.noted, note } };
  if (says.counted) return { counted: { ...says.counted, note } };
  if (says.fitted) return { fitted: { ...says.fitted, note } };
  return says.treated ? { treated: { ...says.treated, note } } : says;
}

/** Edits the note of an entry; how it was is kept and shown. What was found or measured is deleted and written again. */
export function EntryEditor({ entry, note, onDone }: { entry: Entry; note: string; onDone: () => void }) {
  const client = useQueryClient();
  const before = useQuery(entryBeforeQuery(entry.id));
  const [text, setText] = useState(note);
  const store = useMutation({
    mutationFn: () => changeEntry(entry.id, entry.version, withNote(entry, text)),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['book'] });
      onDone();
    },
  });
  const problem = store.error ? Problem.from(store.error) : null;
  return (
    <form
      aria-label={texts.editTheNote}
      className="grid gap-3 bg-panel px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        store.mutate();
      }}
    >
      <div className="flex items-end gap-4">
        <Field label={texts.note} className="flex-1">
          {(parts) => (
            <input
              {...parts}
              className={INPUT}
              maxLength={500}
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
          )}
        </Field>
        <Button weight="strong" type="submit" disabled={store.isPending}>
          {texts.save}
        </Button>
        <Button onClick={onDone}>{texts.cancel}</Button>
      </div>
      {problem && <p role="alert">▲ {problem.detail}</p>}
      {before.data && before.data.length > 0 && (
        <ul className="text-[14px] text-soft" aria-label={texts.history}>
          {before.data.map((b) => (
            <li key={b.version}>
              {texts.untilChangedBy({ changedAt: shortTime(b.changedAt), changedBy: b.changedBy })}{' '}
              <Words of={entryWords(b.was)} /> · {noteOf(b.was) || texts.noNote}
            </li>
          ))}
        </ul>
      )}
    </form>
  );
}
