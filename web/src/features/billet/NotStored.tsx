import * as texts from 'texts/billet/NotStored';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import type { Trouble } from './useBillet';

/** That the last change is not stored, and what can be done about it. */
export function NotStored({
  trouble,
  onTheirs,
  onMine,
}: {
  trouble: Trouble;
  onTheirs: () => void;
  onMine: () => void;
}) {
  const stale = trouble.problem.status === 409;
  return (
    <div className="px-5 pb-3">
      <Notice title={trouble.problem.title}>
        <Words of={texts.yourLastChangeIsNotSaved({ detail: trouble.problem.detail })} />
        <span className="flex gap-4 pt-2 text-ink">
          <Button onClick={onMine}>{stale ? texts.keepMine : texts.tryAgain}</Button>
          <Button onClick={onTheirs}>{stale ? texts.useTheSavedVersion : texts.discardMyChange}</Button>
        </span>
      </Notice>
    </div>
  );
}
