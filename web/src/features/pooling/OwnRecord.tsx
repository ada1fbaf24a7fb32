import * as texts from 'texts/pooling/OwnRecord';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { saveAs } from '../../lib/saveAs';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { useScrollFocus } from '../../ui/useScrollFocus';
import { ownRecordQuery, type OwnRecord as Leaving } from './api';

/** What would leave the shop is read first; only then can it be saved. */
export function OwnRecord() {
  const [open, setOpen] = useState(false);
  const own = useQuery({ ...ownRecordQuery, enabled: open });
  return (
    <div className="grid gap-2 border-t border-rule pt-3">
      <p>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? texts.hide : texts.showWhatWouldLeave}
        </Button>
      </p>
      {open && own.isError && <LoadFailed error={own.error} again={() => void own.refetch()} />}
      {open && own.data && <WouldLeave own={own.data} />}
    </div>
  );
}

function WouldLeave({ own }: { own: Leaving }) {
  const scrolls = useScrollFocus();
  if (own.file === null) return <p className="text-soft">{texts.noWeldIsDecided}</p>;
  const { file } = own;
  return (
    <>
      <p className="max-w-prose">
        {texts.wouldLeave({ welds: own.all.held + own.all.open })}{' '}
        <span className="text-soft">
          {texts.notInIt} {own.suspect > 0 && texts.suspectStay({ suspect: own.suspect })}{' '}
          {own.unnamed > 0 && texts.unnamed({ unnamed: own.unnamed })}
        </span>
      </p>
      <pre
        ref={scrolls}
        aria-label={texts.theFile}
        className="max-h-56 overflow-auto border border-rule p-2 text-[13px] whitespace-pre"
      >
        {file}
      </pre>
      <p>
        <Button onClick={() => saveAs('welds.json', new Blob([file], { type: 'application/json' }))}>
          {texts.save}
        </Button>
      </p>
    </>
  );
}
