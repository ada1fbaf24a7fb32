import * as texts from 'texts/book/PhotoStrip';
import { LineAcross } from '../../figures/LineAcross';
import type { Entry } from './api';

const HIGH_PX = 96;

/** The photographs of an entry, each to be opened whole. */
export function PhotoStrip({ entry }: { entry: Entry }) {
  if (entry.photos.length === 0) return null;
  return (
    <p className="flex gap-2 pt-1 pl-[13rem]">
      {entry.photos.map((p, i) => (
        <a
          key={p.id}
          href={`/api/v1/photos/${p.id}`}
          target="_blank"
          rel="noreferrer"
          className="relative block"
        >
          <img
            src={`/api/v1/photos/${p.id}`}
            alt={texts.photographOf({ value: i + 1, length: entry.photos.length })}
            height={HIGH_PX}
            width={(HIGH_PX * p.widthPx) / p.heightPx}
            loading="lazy"
            className="border border-line"
          />
          {i === 0 && entry.says.counted?.line && (
            <svg
              className="absolute inset-0 size-full"
              viewBox={`0 0 ${p.widthPx} ${p.heightPx}`}
              aria-hidden
            >
              <LineAcross line={entry.says.counted.line} width={p.widthPx} height={p.heightPx} />
            </svg>
          )}
        </a>
      ))}
    </p>
  );
}
