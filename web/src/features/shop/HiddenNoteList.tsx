import * as texts from 'texts/shop/HiddenNoteList';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { hiddenNotesQuery, showNote } from '../billet/notes';
import { shortTime } from '../book/time';

/** Notes that are not shown, each with its way back. */
export function HiddenNoteList() {
  const client = useQueryClient();
  const notes = useQuery(hiddenNotesQuery);
  const show = useMutation({
    mutationFn: showNote,
    // It is shown again on billets that were read before.
    onSettled: () => client.invalidateQueries(),
  });
  const wrong = show.error ?? notes.error;
  return (
    <section aria-label={texts.hiddenNotes} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.hiddenNotes}</h2>
      {notes.data?.length === 0 && <p className="text-soft">{texts.noneNotesYouHideOnA}</p>}
      <ul className="max-w-3xl">
        {(notes.data ?? []).map((n) => (
          <li
            key={n.id}
            className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t border-rule py-1.5"
          >
            <span className="min-w-0 flex-1">
              <b className="font-semibold">
                <Words of={n.what} />
              </b>
              <span className="text-soft"> · {n.billet ?? texts.allBillets}</span>
            </span>
            <span className="text-[13px] text-soft">
              {n.person}, {shortTime(n.at)}
            </span>
            <Button
              weight="quiet"
              disabled={show.isPending}
              aria-label={texts.showAgain2({ what: n.what })}
              onClick={() => show.mutate(n.id)}
            >
              {texts.showAgain}
            </Button>
          </li>
        ))}
      </ul>
      {wrong && (
        <p role="alert" className="pt-1">
          ▲ {Problem.from(wrong).detail}
        </p>
      )}
    </section>
  );
}
