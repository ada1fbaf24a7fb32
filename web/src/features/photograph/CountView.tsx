import * as texts from 'texts/photograph/CountView';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Button } from '../../ui/Button';
import { CameraButton } from '../../ui/CameraButton';
import { Field, INPUT } from '../../ui/Field';
import { FileButton, PHOTOS } from '../../ui/FileButton';
import { LoadFailed, Refusal } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { Words } from '../../ui/Words';
import { placeOf } from '../bench/place';
import { billetQuery, type Billet } from '../billet/api';
import { stepTitle } from '../billet/StepWords';
import { useWriteEntry } from '../book/useWriteEntry';
import { besidePlanQuery } from './api';
import { CountStrip } from './CountStrip';
import { tapped, typed, type Reading } from './layers';
import { PhotographWithLine } from './PhotographWithLine';
import { useCount } from './useCount';

const MOST_LAYERS = 100_000;

/** Layers counted on an etched end in a photograph, beside those of the plan. */
export function CountView() {
  const id = Number(useParams().id);
  const billet = useQuery(billetQuery(id));
  if (billet.isError) return <LoadFailed error={billet.error} again={() => void billet.refetch()} />;
  if (!billet.data) return <p className="p-10 text-soft">{texts.loadingTheBillet}</p>;
  return <Open key={id} billet={billet.data} />;
}

function Open({ billet }: { billet: Billet }) {
  const [params, setParams] = useSearchParams();
  const path = params.get('step') ?? billet.plan.steps.at(-1)?.key ?? '';
  const place = placeOf(billet, path);
  const counting = useCount();
  const { chosen, reading } = counting;
  if (!place) {
    return (
      <main className="p-5">
        <p>{texts.noSuchStep}</p>
        <Link to={`/billets/${billet.id}`} className="underline underline-offset-4">
          {billet.name}
        </Link>
      </main>
    );
  }
  const choose = (file: File | undefined) => file && void counting.choose(file);
  const another = (
    <span className="flex flex-wrap gap-3">
      <CameraButton
        label={texts.takePhoto}
        weight={chosen ? 'plain' : 'strong'}
        onPhotos={([file]) => choose(file)}
      />
      <FileButton name={texts.choosePhoto} accept={PHOTOS} onFile={choose}>
        {texts.choosePhoto}
      </FileButton>
    </span>
  );
  return (
    <main className="mx-auto flex h-full max-w-3xl flex-col gap-3 overflow-y-auto px-4 py-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-2xl">{texts.countLayers}</h1>
        <Link to={`/billets/${billet.id}`} className="underline decoration-line underline-offset-4">
          {billet.name}
        </Link>
        <span className="ml-auto">
          <Select
            label={texts.after}
            value={path}
            options={stepOptions(billet, path, stepTitle(place.step.operation))}
            onChoose={(step) => setParams({ step }, { replace: true })}
          />
        </span>
      </div>
      {!chosen && (
        <div className="max-w-prose py-4">
          <p className="pb-4">{texts.etchAndPhotograph}</p>
          {another}
        </div>
      )}
      {counting.unreadable && <p role="alert">▲ {texts.notAPicture}</p>}
      {chosen && (
        <>
          <PhotographWithLine
            picture={chosen.picture}
            line={reading?.line ?? null}
            reading={reading}
            onLine={counting.along}
          />
          {counting.isCounting ? (
            <p role="status" className="flex items-center gap-4 py-2">
              <span className="text-xl">{texts.counting}</span>
              <Button onClick={counting.cancel}>{texts.cancel}</Button>
            </p>
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
      )}
    </main>
  );
}

/** The steps of the billet's own plan, and the one that is open where it is in a part. */
function stepOptions(billet: Billet, open: string, title: string): Record<string, string> {
  const own = billet.plan.steps.map((s, i): [string, string] => [
    s.key,
    texts.step({ step: i + 1, title: stepTitle(s.operation) }),
  ]);
  return Object.fromEntries(own.some(([key]) => key === open) ? own : [[open, title], ...own]);
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
    <form
      className="grid gap-3 border-t border-rule pt-2"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
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
      {write.error && <Refusal error={write.error} />}
      <div className="flex flex-wrap items-center gap-3 pb-4">
        {kept === reading ? (
          <p role="status">
            {texts.keptInThe}{' '}
            <Link to="/book" className="underline underline-offset-4">
              {texts.book}
            </Link>
          </p>
        ) : (
          <Button weight="strong" type="submit" disabled={count === 0 || write.isPending}>
            {write.isPending ? texts.saving : texts.keepInTheBook}
          </Button>
        )}
        {children}
      </div>
    </form>
  );
}
