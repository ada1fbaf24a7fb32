import * as texts from 'texts/ui/CannotBeRead';
import { Words } from './Words';

/** Something that is stored and that this release cannot read. */
export interface Unreadable {
  readonly id: number;
  readonly what: string;
  readonly why: string;
  /** Where its data can be downloaded. */
  readonly data: string;
}

/** What cannot be shown: what it is, why, and the way to its data. Nothing where there is none. */
export function CannotBeRead({
  one,
  many,
  things,
}: {
  one: string;
  many: string;
  things: readonly Unreadable[];
}) {
  if (things.length === 0) return null;
  const title =
    things.length === 1
      ? texts.oneCannotBeRead({ one })
      : texts.cannotBeRead({ length: things.length, many });
  return (
    <section aria-label={title} className="mt-4 border-l-4 border-ink py-1 pl-4">
      <h2 className="text-[17px] font-semibold">{title}</h2>
      <ul>
        {things.map((t) => (
          <li key={t.data} className="pt-1">
            <b>{t.what}</b>: <Words of={t.why} />{' '}
            <a href={t.data} className="underline underline-offset-4" download>
              {texts.downloadItsData}
            </a>
          </li>
        ))}
      </ul>
      <p className="pt-1 text-soft">{texts.nothingIsLostRestoreFromA}</p>
    </section>
  );
}
