import * as texts from 'texts/billet/PartHead';
import { Link } from 'react-router';
import { InPlace } from '../../ui/InPlace';
import type { Part } from './plan';

/** What a part is called, and where it came from. */
export function PartHead({
  part,
  onRename,
}: {
  part: Part;
  onRename: ((name: string) => Promise<string | null>) | undefined;
}) {
  return (
    <p className="flex items-baseline gap-2 py-0.5 pl-5 text-[14px] text-soft">
      {onRename ? (
        <InPlace
          label={texts.nameOfPart({ name: part.name })}
          value={part.name}
          className="font-semibold text-ink"
          onCommit={onRename}
        />
      ) : (
        <b className="text-ink">{part.name}</b>
      )}
      {part.origin ? (
        <span>
          {texts.setAsideIn}
          <Link to={`/billets/${part.origin.billetId}`} className="underline underline-offset-4">
            {part.origin.billet}
          </Link>
          {texts.changedHere}
        </span>
      ) : (
        <span>{texts.separateBar}</span>
      )}
    </p>
  );
}
