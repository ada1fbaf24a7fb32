import { FindingMark } from '../billet/FindingMark';
import type { Severity } from '../billet/api';
import { Temperature, useUnits, Words, Length } from '../../ui/Words';
import { show } from '../../units';
import type { Reason, Verdict, Weight } from './api';

const MARK: Record<Weight, Severity> = { STOP: 'ERROR', CONDITION: 'WARNING', NOTE: 'NOTE' };
const WEIGHT_WORDS: Record<Weight, string> = {
  STOP: 'Stop',
  CONDITION: 'Condition',
  NOTE: 'Note',
};
const HRC_PLUS_MINUS = 1.5;

/** The verdict in words: the grade, what they share, and every reason. */
export function VerdictPanel({
  answer,
  carbons,
}: {
  answer: Verdict;
  /** Of each steel as it comes, mass %. */
  carbons: readonly number[];
}) {
  const { verdict: v, word } = answer;
  const system = useUnits();
  return (
    <div data-grade={v.grade}>
      <p className="leading-tight">
        <b className="block text-[40px]">{word}</b>
        <span className="text-soft">
          {v.grade === 'STOP' ? 'for this use; the score does not count' : `${Math.round(v.score)} of 100`}
        </span>
      </p>
      <dl className="grid grid-cols-[7.5rem_1fr] gap-y-1 border-t border-line py-3 text-[14px] [&_dt]:text-soft">
        <dt>weld at</dt>
        <dd>
          {v.weld ? (
            <>
              <Temperature celsius={v.weld.fromC} /> to <Temperature celsius={v.weld.toC} />
            </>
          ) : (
            'no common welding heat'
          )}
        </dd>
        <dt>harden at</dt>
        <dd>
          {v.hardening === null ? (
            'none of them hardens'
          ) : v.hardening.fromC <= v.hardening.toC ? (
            <>
              <Temperature celsius={v.hardening.fromC} /> to <Temperature celsius={v.hardening.toC} />
            </>
          ) : (
            `no overlap: gap of ${show('temperatureChange', v.hardening.fromC - v.hardening.toC, system)}`
          )}
        </dd>
        <dt>quench</dt>
        <dd>
          {v.quench ? v.quench.toLowerCase().replace('_', ' ') : 'none'}, up to <Length mm={6} unit /> thick
        </dd>
        <dt>carbon</dt>
        <dd>
          {v.meanCarbon === null
            ? `${carbons.map((c) => c.toFixed(2)).join(' and ')}%; evened out: not estimated`
            : `${carbons.map((c) => c.toFixed(2)).join(' and ')}, evened out ${v.meanCarbon.toFixed(2)}%`}
        </dd>
        {v.hardness && (
          <>
            <dt>
              after <Temperature celsius={v.hardness.temperC} />
            </dt>
            <dd>
              {[
                v.hardness.evenedHrc !== null &&
                  `${Math.round(v.hardness.evenedHrc)} HRC ± ${HRC_PLUS_MINUS} evened out`,
                v.hardness.layeredHrc !== null && `${Math.round(v.hardness.layeredHrc)} HRC in layers`,
              ]
                .filter(Boolean)
                .join(', ') || 'not estimated'}
            </dd>
          </>
        )}
        <dt>contrast</dt>
        <dd>{contrast(v.toneApart)}</dd>
      </dl>
      <ul aria-label="Reasons">
        {v.reasons.map((r, i) => (
          <ReasonLine key={i} reason={r} />
        ))}
        {v.reasons.length === 0 && (
          <li className="border-t border-rule py-2.5 text-soft">No problems found.</li>
        )}
      </ul>
    </div>
  );
}

const contrast = (apart: number) =>
  `${apart > 0.5 ? 'strong' : apart >= 0.3 ? 'good' : apart >= 0.2 ? 'subtle' : 'weak'}, tones ${apart.toFixed(2)} apart`;

function ReasonLine({ reason: r }: { reason: Reason }) {
  return (
    <li className="flex gap-3 border-t border-rule py-2.5">
      <span className="pt-0.5">
        <FindingMark severity={MARK[r.weight]} />
      </span>
      <div className="min-w-0">
        <p className="condensed text-[13px] text-soft">
          {r.safety && <b className="text-ink">Safety · </b>}
          {WEIGHT_WORDS[r.weight]}
        </p>
        <p>
          <b>
            <Words of={r.what} />
          </b>{' '}
          <span className="text-soft">
            <Words of={`${r.why} ${r.action}`} />
          </span>
        </p>
      </div>
    </li>
  );
}
