import * as texts from 'texts/bench/BenchActions';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { CameraButton } from '../../ui/CameraButton';
import { Problem } from '../../lib/http';
import { deleteEntry } from '../book/api';
import { useWriteEntry } from '../book/useWriteEntry';
import type { StepToWork } from './api';

const TARGET = 'min-h-16 border-2 border-line px-2 text-[17px] font-semibold disabled:opacity-45';

/** Within reach of the thumb: tick the step off, photograph it, the one before and the one after. */
export function BenchActions({
  billetId,
  step,
  isWeld,
  first,
  last,
  onGo,
  onTicked,
}: {
  billetId: number;
  /** Undefined before the first. */
  step: StepToWork | undefined;
  /** A weld is done when it is logged. */
  isWeld: boolean;
  first: boolean;
  last: boolean;
  onGo: (by: number) => void;
  onTicked: () => void;
}) {
  const client = useQueryClient();
  const writing = useWriteEntry(billetId);
  const takeBack = useMutation({
    mutationFn: deleteEntry,
    onSuccess: () => client.invalidateQueries({ queryKey: ['billet', billetId] }),
  });
  const note = (done: boolean, photos: readonly File[] = []) => {
    if (!step) return;
    const noted = { stepKey: step.path, at: new Date().toISOString(), done, note: '' };
    writing.mutate({ says: { noted }, photos }, done ? { onSuccess: onTicked } : {});
  };
  const wrong = writing.error ?? takeBack.error;
  const busy = writing.isPending || takeBack.isPending;
  return (
    <div className="border-t border-ink bg-ground px-3 pt-2 pb-3">
      <p role="status" className="min-h-6 text-soft">
        {writing.isPending ? texts.saving : writing.isSuccess && texts.savedInTheBook}
      </p>
      {wrong && <p role="alert">▲ {Problem.from(wrong).detail}</p>}
      <div role="group" aria-label={texts.actions} className="grid grid-cols-4 gap-2">
        <button type="button" className={TARGET} disabled={first} onClick={() => onGo(-1)}>
          {texts.back}
        </button>
        {step && !isWeld ? (
          <button
            type="button"
            className={`${TARGET} border-ink! bg-ink text-ground`}
            disabled={busy || (step.done && step.noteId === null)}
            onClick={() => (step.noteId === null ? note(true) : takeBack.mutate(step.noteId))}
          >
            {step.noteId === null ? texts.done : texts.notDone}
          </button>
        ) : (
          <span />
        )}
        {step ? (
          <CameraButton
            label={texts.photo}
            look={TARGET}
            disabled={busy}
            onPhotos={(photos) => note(false, photos)}
          />
        ) : (
          <span />
        )}
        <button type="button" className={TARGET} disabled={last} onClick={() => onGo(1)}>
          {texts.next}
        </button>
      </div>
    </div>
  );
}
