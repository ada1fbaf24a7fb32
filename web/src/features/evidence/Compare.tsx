import * as texts from 'texts/evidence/Compare';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { INPUT } from '../../ui/Field';
import { compareQuery, levelWords, type Evidence, type FactorName } from './api';

const points = (share: number) => Math.round(Math.abs(share) * 100);

/** Two ways of working beside each other, and how many welds it still takes to know. */
export function Compare({ evidence }: { evidence: Evidence }) {
  // Only what the shop itself has done is compared.
  const some = evidence.factors
    .map((f) => ({ ...f, lines: f.lines.filter((l) => l.tally.held + l.tally.open + l.tally.suspect > 0) }))
    .filter((f) => f.lines.length > 1);
  const [factor, setFactor] = useState<FactorName | null>(null);
  const chosen =
    some.find((f) => f.factor === factor) ?? some.find((f) => f.factor === 'PROTECTION') ?? some[0];
  const [pair, setPair] = useState<readonly [string, string] | null>(null);
  const levels = chosen?.lines.map((l) => l.level) ?? [];
  const [one, other] =
    pair && levels.includes(pair[0]) && levels.includes(pair[1])
      ? pair
      : ([levels[0] ?? '', levels[1] ?? ''] as const);
  const compared = useQuery({
    ...compareQuery(chosen?.factor ?? 'PROTECTION', one, other),
    enabled: chosen !== undefined && one !== other,
  });
  if (!chosen) return null;
  const c = compared.data;
  return (
    <section aria-label={texts.compareTwoMethods} className="border-b border-ink pb-3">
      <h2>{texts.compareTwoMethods}</h2>
      <div className="grid grid-cols-2 gap-2 pt-1">
        <select
          aria-label={texts.compareBy}
          className={`${INPUT} col-span-2`}
          value={chosen.factor}
          onChange={(e) => setFactor(e.target.value as FactorName)}
        >
          {some.map((f) => (
            <option key={f.factor} value={f.factor}>
              {f.words}
            </option>
          ))}
        </select>
        {[one, other].map((level, i) => (
          <select
            key={i}
            aria-label={i === 0 ? texts.first : texts.second}
            className={INPUT}
            value={level}
            onChange={(e) => setPair(i === 0 ? [e.target.value, other] : [one, e.target.value])}
          >
            {levels.map((l) => (
              <option key={l} value={l}>
                {levelWords(l)}
              </option>
            ))}
          </select>
        ))}
      </div>
      {one === other && <p className="pt-2 text-soft">{texts.chooseTwoDifferentMethods}</p>}
      {c && one !== other && (
        <p className="pt-2" data-compared>
          {texts.ofDelaminatedWithOfWithPoints({
            open: c.one.open,
            value: c.one.held + c.one.open,
            one: levelWords(one),
            open2: c.other.open,
            value2: c.other.held + c.other.open,
            other: levelWords(other),
            difference: points(c.difference),
            direction: c.difference >= 0 ? 'more' : 'fewer',
          })}
          {c.needed === 0 ? (
            <b>
              {texts.theDifferenceIsRealToPercentage({
                low: points(c.limits.low),
                high: points(c.limits.high),
              })}
            </b>
          ) : (
            <b>{texts.notEnoughWeldsYetAboutMore({ needed: c.needed })}</b>
          )}
        </p>
      )}
      <p className="pt-1 text-[13px] text-soft">{texts.thisCountsWhatHappenedTogetherOne}</p>
    </section>
  );
}
