import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { JointGlyph } from '../../figures/JointGlyph';
import { Choice } from '../../ui/Choice';
import { INPUT } from '../../ui/Field';
import { LoadFailed, Passing } from '../../ui/Notice';
import { Temperature } from '../../ui/Words';
import { SCHOOL_WORDS } from '../billet/plan';
import { bookQuery, OUTCOME_WORDS, strikeWeld, unstrikeWeld, type Weld } from './api';
import { find, type Wanted } from './find';
import { shortTime } from './time';

/** What was done and what came of it, newest first. */
export function BookView() {
  const book = useQuery(bookQuery);
  const client = useQueryClient();
  const [wanted, setWanted] = useState<Wanted>({ outcome: 'ALL', words: '' });
  const [struck, setStruck] = useState<Weld | null>(null);
  const again = () => client.invalidateQueries(bookQuery);
  const strike = useMutation({ mutationFn: strikeWeld, onSuccess: again });
  const unstrike = useMutation({ mutationFn: unstrikeWeld, onSuccess: again });
  if (book.isError) return <LoadFailed error={book.error} again={() => void book.refetch()} />;
  const all = book.data;
  const shown = all && find(all, wanted);
  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <h1 className="text-2xl">Book</h1>
        <Choice<Wanted['outcome']>
          label="Which welds"
          hideLabel
          value={wanted.outcome}
          options={[
            { value: 'ALL', show: 'every weld' },
            { value: 'HELD', show: 'held' },
            { value: 'SUSPECT', show: 'suspect' },
            { value: 'OPEN', show: 'open' },
          ]}
          onChoose={(outcome) => setWanted({ ...wanted, outcome })}
        />
        <input
          type="search"
          aria-label="Find in the Book"
          placeholder="billet, note, school …"
          className={`${INPUT} w-64!`}
          value={wanted.words}
          onChange={(e) => setWanted({ ...wanted, words: e.target.value })}
        />
        {all && shown && (
          <p className="text-soft" role="status">
            {shown.length === all.length ? `${all.length} welds` : `${shown.length} of ${all.length} welds`}
          </p>
        )}
      </div>
      {!all && <p className="py-10 text-soft">Fetching the Book …</p>}
      {all?.length === 0 && (
        <div className="mx-auto max-w-md py-20">
          <h2 className="text-xl">Nothing in the Book yet</h2>
          <p className="pt-2 text-soft">
            Open a billet on the{' '}
            <Link to="/rack" className="underline underline-offset-4">
              Rack
            </Link>
            , choose a weld in its Run and write down the heat and what came of it. It takes three taps.
          </p>
        </div>
      )}
      {all && all.length > 0 && shown?.length === 0 && (
        <p className="py-10 text-soft">No weld in the Book fits that.</p>
      )}
      {shown && shown.length > 0 && (
        <table className="mt-4 w-full border-collapse text-left">
          <thead className="condensed text-[13px] text-soft">
            <tr className="border-b border-ink align-bottom [&>th]:py-1.5 [&>th]:pr-4 [&>th]:font-normal">
              <th>Came of it</th>
              <th>Made</th>
              <th>Billet</th>
              <th>Heat, as read</th>
              <th>Oxygen kept out by</th>
              <th>Note</th>
              <th>
                <span className="sr-only">Mend the record</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.map((w) => (
              <Row
                key={w.id}
                weld={w}
                onStrike={() => {
                  setStruck(w);
                  strike.mutate(w.id);
                }}
              />
            ))}
          </tbody>
        </table>
      )}
      {struck && (
        <Passing
          words={`Struck: ${struck.stepTitle} of “${struck.billetName}”.`}
          undo={() => {
            unstrike.mutate(struck.id);
            setStruck(null);
          }}
          close={() => setStruck(null)}
        />
      )}
    </main>
  );
}

function Row({ weld, onStrike }: { weld: Weld; onStrike: () => void }) {
  return (
    <tr className="border-b border-rule align-top [&>td]:py-2.5 [&>td]:pr-4">
      <td>
        <span className="flex items-center gap-2.5 font-semibold">
          <JointGlyph state={weld.outcome} /> {OUTCOME_WORDS[weld.outcome]}
        </span>
      </td>
      <td className="whitespace-nowrap">{shortTime(weld.madeAt)}</td>
      <td>
        <Link
          to={`/billets/${weld.billetId}`}
          state={{ stepKey: weld.stepKey }}
          className="underline decoration-line underline-offset-4 hover:decoration-ink"
        >
          {weld.billetName}
        </Link>
        <span className="block text-[13px] text-soft">{weld.stepTitle}</span>
      </td>
      <td className="text-[17px] font-semibold">
        <Temperature celsius={weld.temperatureC} />
      </td>
      <td>{SCHOOL_WORDS[weld.school]}</td>
      <td className="max-w-md">
        {weld.note || <span className="text-soft">no note</span>}
        <span className="block text-[13px] text-soft">
          {weld.madeBy}
          {weld.fireSession !== null && (
            <>
              {' · '}
              <Link to={`/fire/${weld.fireSession}`} className="underline decoration-line underline-offset-4">
                trace
              </Link>
            </>
          )}
        </span>
      </td>
      <td className="pr-0!">
        <button
          type="button"
          className="text-[13px] text-soft underline decoration-line underline-offset-4 hover:decoration-ink"
          aria-label={`Strike ${weld.stepTitle} of ${weld.billetName}`}
          title="Logged by mistake; Undo brings it back"
          onClick={onStrike}
        >
          Strike
        </button>
      </td>
    </tr>
  );
}
