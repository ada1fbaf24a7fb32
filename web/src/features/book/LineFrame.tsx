import * as texts from 'texts/book/LineFrame';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { atOf, type Line } from './lines';
import { clockTime, shortTime } from './time';

/** What every line of the Book has: when, whose, which billet and step, and how to correct the record. */
export function LineFrame({
  line,
  glyph,
  byDay,
  onEdit,
  onDelete,
  deleteLabel,
  below,
  children,
}: {
  line: Line;
  glyph: ReactNode;
  byDay: boolean;
  onEdit: () => void;
  onDelete: () => void;
  deleteLabel: string;
  below?: ReactNode;
  children: ReactNode;
}) {
  const { billetId, billetName, stepKey, stepTitle, madeBy, version } = line.weld ?? line.entry;
  const at = atOf(line);
  return (
    <li className="border-b border-rule py-2" data-book-line={line.weld ? 'weld' : 'entry'}>
      <div className="grid grid-cols-[7.5rem_4.5rem_15rem_1fr_auto] items-baseline gap-x-4 gap-y-1 max-md:grid-cols-[7.5rem_1fr] max-md:*:nth-[n+3]:col-span-2">
        <span className="flex items-center gap-2 self-start pt-0.5 font-semibold">{glyph}</span>
        <span className="whitespace-nowrap text-[14px] text-soft" title={shortTime(at)}>
          {byDay ? clockTime(at) : shortTime(at).replace(/,? \d{4}.*/, '')}
        </span>
        <span className="min-w-0">
          <Link
            to={`/billets/${billetId}`}
            state={stepKey === null ? undefined : { stepKey }}
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            {byDay ? billetName : stepTitle || billetName}
          </Link>
          {byDay && <span className="block text-[13px] text-soft">{stepTitle}</span>}
        </span>
        <span className="min-w-0">
          {children}
          <span className="block text-[13px] text-soft">
            {madeBy}
            {version > 1 && texts.changedSince}
          </span>
        </span>
        <span className="flex gap-3 text-[13px] text-soft">
          <Button weight="quiet" onClick={onEdit}>
            {texts.edit}
          </Button>
          <Button
            weight="quiet"
            aria-label={deleteLabel}
            title={texts.deleteThisEntryYouCanRestore}
            onClick={onDelete}
          >
            {texts.deleteText}
          </Button>
        </span>
      </div>
      {below}
    </li>
  );
}
