import * as texts from 'texts/fire/Afterwards';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { Length, Words } from '../../ui/Words';
import { ACT_WORDS, type Kind, type ReviewNote } from './api';
import { clock, undone, type Seen } from './course';
import { Inspect } from './Inspect';
import { Readings } from './Readings';
import { TraceChart } from './TraceChart';
import { KIND_WORDS } from './useTaps';

/** A session that is over: what its log shows, the trace, and every entry. */
export function Afterwards({
  seen,
  log,
  onReopen,
}: {
  seen: Seen;
  log: readonly { readonly id: string; readonly kind: Kind; readonly about?: string | null }[];
  onReopen: () => Promise<unknown>;
}) {
  const [place, setPlace] = useState(0);
  const { whole } = seen;
  const billet = whole.billets[place];
  const now = whole.at.billets[place];
  if (!billet || !now) return null;
  const gone = undone(log);
  const entries = seen.entries.filter((e) => e.place === place && e.kind !== 'UNDO');
  const lessons = whole.reviewNotes[place] ?? [];
  return (
    <main className="grid grid-cols-[minmax(0,1fr)] gap-y-3 px-7 py-4 lg:h-full lg:grid-rows-[auto_1fr]">
      <header className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="text-2xl">{whole.rehearsal ? texts.practiceRunReview : texts.sessionReview}</h1>
        {whole.billets.map((b, i) => (
          <button
            key={b.place}
            type="button"
            aria-pressed={i === place}
            className={i === place ? 'font-bold' : 'text-soft'}
            onClick={() => setPlace(i)}
          >
            {b.name}, {b.title.toLowerCase()}
          </button>
        ))}
        <span className="ml-auto flex flex-wrap items-baseline gap-x-5 gap-y-1">
          <Button weight="quiet" onClick={() => void onReopen()}>
            {texts.resume}
          </Button>
          <Readings id={whole.id} />
          <Link to={`/billets/${billet.billetId}`} className="underline decoration-line underline-offset-4">
            {texts.openBillet}
          </Link>
          <Link to="/fire" className="underline decoration-line underline-offset-4">
            {texts.fire}
          </Link>
        </span>
      </header>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(20rem,30rem)_minmax(0,1fr)]">
        <section aria-label={texts.whatTheLogShows} className="min-h-0 overflow-y-auto">
          {whole.rehearsal && <Inspect session={whole.id} place={place} />}
          {lessons.length === 0 && <p className="text-soft">{texts.itWasNeverInTheFire}</p>}
          <ul>
            {lessons.map((l, i) => (
              <ReviewNoteLine key={i} note={l} />
            ))}
          </ul>
          {now.begun && (
            <p className="pt-3 text-soft">
              {texts.scaleLoss} <Length mm={now.exposure.scaleMm} unit /> {texts.fromEachFaceDecarb}
              <Length mm={now.exposure.decarbDepthMm} unit />{' '}
              {texts.softUnderItMinAtHeat({ value: now.exposure.hotMin.toFixed(0) })}
            </p>
          )}
        </section>
        <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] grid-rows-[20rem_auto] gap-3 lg:grid-rows-[minmax(0,1fr)_minmax(0,0.7fr)]">
          <TraceChart
            billet={billet}
            forge={seen.forge}
            history={seen.histories[place] ?? []}
            forecast={[]}
            logEntries={entries.filter((e) => e.kind === 'DEED' && !gone.has(e.id))}
            nowS={whole.at.second}
          />
          <ol aria-label={texts.log} className="min-h-0 columns-2 gap-8 overflow-y-auto text-[14px]">
            {entries.map((e) => (
              <li
                key={e.id}
                className={`flex gap-3 py-0.5 ${gone.has(e.id) ? 'text-soft line-through' : ''}`}
              >
                <span className="w-14 text-right text-soft">{clock(e.atS)}</span>
                <span>
                  {e.act ? ACT_WORDS[e.act] : KIND_WORDS[e.kind]} {e.note}
                </span>
              </li>
            ))}
          </ol>
        </div>
      </div>
    </main>
  );
}

/** State by shape first: a square that is filled went well, an open one did not. */
function ReviewNoteLine({ note }: { note: ReviewNote }) {
  return (
    <li className="flex gap-3 border-b border-rule py-2">
      <span aria-hidden className={`mt-1.5 size-3 shrink-0 border border-ink ${note.well ? 'bg-ink' : ''}`} />
      <span>
        <b>{note.what}</b>
        <span className="sr-only">{note.well ? texts.good : texts.toImprove}</span>
        <span className="text-soft"> {texts.heat({ heat: note.heat })}</span>
        <span className="block text-[14px] text-soft">
          <Words of={note.why} />
        </span>
      </span>
    </li>
  );
}
