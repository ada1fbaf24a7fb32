import * as texts from 'texts/app/ViewFailed';
import type { FallbackProps } from 'react-error-boundary';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';

/** In place of a view that broke off. */
export function ViewFailed({ error }: Pick<FallbackProps, 'error'>) {
  const why = error instanceof Error ? error.message : String(error);
  return (
    <div className="mx-auto max-w-xl p-10">
      <Notice title={texts.thisViewCannotBeShown}>
        <p>{texts.nothingThatWasStoredIsLost}</p>
        <p className="pt-1 text-[13px]">{texts.theFault({ why })}</p>
        <Button className="mt-3 text-ink" onClick={() => window.location.reload()}>
          {texts.loadAgain}
        </Button>
      </Notice>
    </div>
  );
}
