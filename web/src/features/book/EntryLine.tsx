import * as texts from 'texts/book/EntryLine';
import { useState } from 'react';
import { JointGlyph } from '../../figures/JointGlyph';
import { Words } from '../../ui/Words';
import type { Entry } from './api';
import { EntryEditor } from './EntryEditor';
import { LineFrame } from './LineFrame';
import { entryWords, noteOf } from './lines';
import { PhotoStrip } from './PhotoStrip';

const KIND_WORDS: Record<Entry['kind'], string> = {
  LOOKED: texts.inspected,
  DECIDED: texts.repair,
  MEASURED: texts.measured,
  TREATED: texts.treated,
  NOTED: texts.noted,
  COUNTED: texts.counted,
  FITTED: texts.asMade,
};

/** A look, a decision, a measure or work after the weld. */
export function EntryLine({
  entry,
  byDay,
  onDelete,
}: {
  entry: Entry;
  byDay: boolean;
  onDelete: () => void;
}) {
  const [editing, setEditing] = useState(false);
  const { says } = entry;
  const looked = says.inspection;
  const worst = looked?.flaws.some((f) => f.state === 'OPEN')
    ? 'OPEN'
    : looked && looked.flaws.length > 0
      ? 'SUSPECT'
      : 'HELD';
  const note = noteOf(entry);
  return (
    <LineFrame
      line={{ entry }}
      glyph={
        <>
          {looked ? <JointGlyph state={worst} /> : <span className="w-5" aria-hidden />}{' '}
          {KIND_WORDS[entry.kind]}
        </>
      }
      byDay={byDay}
      onEdit={() => setEditing(!editing)}
      onDelete={onDelete}
      deleteLabel={texts.deleteWhatWasAt({ value: KIND_WORDS[entry.kind], billetName: entry.billetName })}
      below={
        <>
          <PhotoStrip entry={entry} />
          {editing && <EntryEditor entry={entry} note={note} onDone={() => setEditing(false)} />}
        </>
      }
    >
      <Words of={entryWords(entry)} />
      {note && (
        <span data-own-words className="block text-soft">
          {note}
        </span>
      )}
    </LineFrame>
  );
}
