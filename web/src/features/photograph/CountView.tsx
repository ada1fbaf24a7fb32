import * as texts from 'texts/photograph/CountView';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { Refusal } from '../../ui/Notice';
import { TextField } from '../../ui/TextField';
import { Words } from '../../ui/Words';
import type { Billet } from '../billet/api';
import { useWriteEntry } from '../book/useWriteEntry';
import { besidePlanQuery } from './api';
import { CountStrip } from './CountStrip';
import { tapped, typed, type Reading } from './layers';
import { PhotographPage, type Open } from './PhotographPage';
import { PhotographWithLine } from './PhotographWithLine';
import { SaveInBook } from './SaveInBook';
import { useCount } from './useCount';
import { Working } from './Working';

const MOST_LAYERS = 100_000;

/** Layers counted on an etched end in a photograph, beside those of the plan. */
export function CountView() {
  return (
    <PhotographPage task="count" intro={texts.etchAndPhotograph}>
      {(open) => <Counting open={open} />}
    </PhotographPage>
  );
}

function Counting({ open: { billet, path, chosen, another } }: { open: Open }) {
  const counting = useCount(chosen.file);
  const { reading } = counting;
  return (
    <>
      <PhotographWithLine
        picture={chosen.picture}
        line={reading?.line ?? null}
        reading={reading}
        onLine={counting.along}
      />
      {counting.isCounting ? (
        <Working words={texts.counting} onCancel={counting.cancel} />
      ) : (
        reading && (
          <>
            <Figure billet={billet} step={path} reading={reading} />
            {counting.error && <Refusal error={counting.error} />}
            {counting.refused && (
              <p role="alert">
                ▲ <Words of={counting.refused} /> {texts.dragTheLine}
              </p>
            )}
            {reading.line && reading.boundaries.length > 1 && (
              <>
                <CountStrip
                  picture={chosen.picture}
                  line={reading.line}
                  reading={reading}
                  onTap={(at) => counting.edit((r) => tapped(r, at))}
                />
                <p className="text-[14px] text-soft">{texts.tapABoundary}</p>
              </>
            )}
            <Keep billet={billet} step={path} file={chosen.file} reading={reading} onEdit={counting.edit}>
              <Button disabled={!counting.canUndo} onClick={counting.undo}>
                {texts.undo}
              </Button>
              {another}
            </Keep>
          </>
        )
      )}
    </>
  );
}

/** The count, large, and the plan's beside it with what may explain a difference. */
function Figure({ billet, step, reading }: { billet: Billet; step: string; reading: Reading }) {
  const { count, low, high } = reading;
  const beside = useQuery({ ...besidePlanQuery(billet.id, step, { count, low, high }), enabled: count > 0 });
  if (count === 0) return null;
  const planned = beside.data?.planned;
  const slips = beside.data?.slips ?? [];
  const isInRange = planned !== undefined && planned >= low && planned <= high;
  return (
    <section aria-label={texts.count} className="grid grid-cols-[auto_1fr] gap-x-6 border-t border-ink pt-2">
      <p>
        <b className="text-[52px] leading-none" data-count>
          {count.toLocaleString('en')}
        </b>{' '}
        {texts.layers({ count })}
        {low !== high && <span className="block text-soft">{texts.range({ low, high })}</span>}
      </p>
      {planned !== undefined && (
        <div data-beside>
          <p className="text-lg">
            {planned === count
              ? texts.asPlanned({ planned })
              : isInRange
                ? texts.plannedInRange({ planned })
                : texts.planned({
                    planned,
                    off: Math.abs(planned - count),
                    more: count > planned ? 'more' : 'fewer',
                  })}
          </p>
          {slips.length > 0 && (
            <>
              <p className="pt-1 text-soft">{texts.whatWouldGiveIt}</p>
              <ul>
                {slips.map((slip) => (
                  <li key={slip.words}>
                    <b>{slip.layers.toLocaleString('en')}</b> <Words of={slip.words} />
                  </li>
                ))}
              </ul>
            </>
          )}
          {!isInRange && slips.length === 0 && <p className="pt-1 text-soft">{texts.noSingleSlip}</p>}
        </div>
      )}
    </section>
  );
}

/** The count as it is written in the Book, with the photograph. */
function Keep({
  billet,
  step,
  file,
  reading,
  onEdit,
  children,
}: {
  billet: Billet;
  step: string;
  file: File;
  reading: Reading;
  onEdit: (change: (reading: Reading) => Reading) => void;
  children: ReactNode;
}) {
  const [note, setNote] = useState('');
  const [kept, setKept] = useState<Reading | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const write = useWriteEntry(billet.id);
  const { line, boundaries, count, low, high } = reading;
  const save = () => {
    const counted = {
      stepKey: step,
      at: new Date().toISOString(),
      count,
      low,
      high,
      line: boundaries.length > 0 ? line : null,
      boundaries: [...boundaries],
      note,
    };
    write.mutate({ says: { counted }, photos: [file] }, { onSuccess: () => setKept(reading) });
  };
  return (
    <div className="grid gap-3 border-t border-rule pt-2">
      <div className="grid grid-cols-[7rem_1fr] gap-3">
        <Field label={texts.layersCounted} error={wrong}>
          {(parts) => (
            <input
              {...parts}
              key={count}
              inputMode="numeric"
              className={INPUT}
              defaultValue={count || ''}
              onBlur={(e) => {
                const asked = Number(e.target.value.trim());
                const isCount = Number.isInteger(asked) && asked >= 1 && asked <= MOST_LAYERS;
                setWrong(isCount ? null : texts.enterACount);
                if (isCount && asked !== count) onEdit((r) => typed(r, asked));
              }}
            />
          )}
        </Field>
        <TextField label={texts.note} value={note} longest={2000} error={null} onChange={setNote} />
      </div>
      <SaveInBook write={write} isKept={kept === reading} disabled={count === 0} onSave={save}>
        {children}
      </SaveInBook>
    </div>
  );
}
