import * as texts from 'texts/schedule/RuledOut';
import { MeasureField } from '../../ui/MeasureField';
import { Quantity, Words } from '../../ui/Words';
import type { Asked, Limit } from './api';
import { LIMIT_MEASURE, LIMIT_NAME, limitAt, withLimit } from './ask';
import type { Ask } from './useAsk';
import type { Search } from './useSearch';

const ALL: readonly Limit[] = [
  'TALLEST',
  'LONGEST',
  'HEAVIEST',
  'SHORTEST',
  'OUTER_LAYER',
  'WIDE',
  'HIGH',
  'COARSE',
  'FINEST',
];

/** What is out and why, each limit to be moved where it is. */
export function RuledOut({ search, asked, onAsk }: { search: Search; asked: Asked; onAsk: Ask }) {
  const within = search.begun?.within;
  const out = (search.ended?.census ?? search.seen?.census)?.ruledOut ?? [];
  const rest = ALL.filter((l) => out.every((o) => o.limit !== l));
  if (!within) return null;
  const field = (limit: Limit) => (
    <MeasureField
      label={LIMIT_NAME[limit]}
      measure={LIMIT_MEASURE[limit]}
      width="w-28"
      value={limitAt(asked, within, limit)}
      onCommit={(to) => onAsk((q) => withLimit(q, q.within ?? within, limit, to))}
    />
  );
  return (
    <section aria-label={texts.excludedByLimits} className="min-w-0 flex-1">
      <h2 className="pb-1 text-lg">{texts.excludedByLimits}</h2>
      <ul className="grid gap-2">
        {out.length === 0 && <li className="text-soft">{texts.nothingEveryScheduleSatisfiesTheLimits}</li>}
        {out.map((o) => (
          <li key={o.limit} className="flex items-end gap-3">
            {field(o.limit)}
            <p className="min-w-0 pb-0.5 leading-snug">
              <Words of={o.words} />
              {o.nearest !== null && (
                <span className="text-soft">
                  {texts.ofThemByThisLimitAlone({ value: o.alone.toLocaleString('en') })}
                  <Limited limit={o.limit} value={o.nearest} />
                </span>
              )}
            </p>
          </li>
        ))}
      </ul>
      <details className="pt-3" open={out.length === 0}>
        <summary className="cursor-pointer text-soft hover:text-ink">
          {out.length === 0 ? texts.limits : texts.otherLimits}
        </summary>
        <div className="flex flex-wrap gap-3 pt-2">
          {rest.map((l) => (
            <div key={l}>{field(l)}</div>
          ))}
        </div>
      </details>
    </section>
  );
}

function Limited({ limit, value }: { limit: Limit; value: number }) {
  const measure = LIMIT_MEASURE[limit];
  return measure === 'length' || measure === 'mass' || measure === 'force' ? (
    <Quantity kind={measure} value={value} />
  ) : (
    <>{value}%</>
  );
}
