import * as texts from 'texts/pair/VerdictPanel';
import { FindingMark } from '../billet/FindingMark';
import type { Severity } from '../billet/api';
import { Temperature, useUnits, Words, Length } from '../../ui/Words';
import { show } from '../../units';
import type { Reason, Verdict, Weight } from './api';

const MARK: Record<Weight, Severity> = { STOP: 'ERROR', CONDITION: 'WARNING', NOTE: 'NOTE' };
const WEIGHT_WORDS: Record<Weight, string> = {
  STOP: texts.stop,
  CONDITION: texts.condition,
  NOTE: texts.note,
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
          {v.grade === 'STOP' ? texts.forThisUseTheScoreDoes : texts.of100({ score: Math.round(v.score) })}
        </span>
      </p>
      <dl className="grid grid-cols-[7.5rem_1fr] gap-y-1 border-t border-line py-3 text-[14px] [&_dt]:text-soft">
        <dt>{texts.weldAt}</dt>
        <dd>
          {v.weld ? (
            <>
              <Temperature celsius={v.weld.fromC} /> {texts.to} <Temperature celsius={v.weld.toC} />
            </>
          ) : (
            texts.noCommonWeldingHeat
          )}
        </dd>
        <dt>{texts.hardenAt}</dt>
        <dd>
          {v.hardening === null ? (
            texts.noneOfThemHardens
          ) : v.hardening.fromC <= v.hardening.toC ? (
            <>
              <Temperature celsius={v.hardening.fromC} /> {texts.to} <Temperature celsius={v.hardening.toC} />
            </>
          ) : (
            texts.noOverlapGapOf({
              show: show('temperatureChange', v.hardening.fromC - v.hardening.toC, system),
            })
          )}
        </dd>
        <dt>{texts.quench}</dt>
        <dd>
          {texts.upTo({ quench: v.quench ?? 'NONE' })} <Length mm={6} unit /> {texts.thick}
        </dd>
        <dt>{texts.carbon}</dt>
        <dd>
          {v.meanCarbon === null
            ? texts.evenedOutNotEstimated({ value: carbons.map((c) => c.toFixed(2)).join(' and ') })
            : texts.evenedOut({
                value: carbons.map((c) => c.toFixed(2)).join(' and '),
                value2: v.meanCarbon.toFixed(2),
              })}
        </dd>
        {v.hardness && (
          <>
            <dt>
              {texts.after} <Temperature celsius={v.hardness.temperC} />
            </dt>
            <dd>
              {[
                v.hardness.evenedHrc !== null &&
                  texts.hrcEvenedOut({
                    evenedHrc: Math.round(v.hardness.evenedHrc),
                    HRCPLUSMINUS: HRC_PLUS_MINUS,
                  }),
                v.hardness.layeredHrc !== null &&
                  texts.hrcInLayers({ layeredHrc: Math.round(v.hardness.layeredHrc) }),
              ]
                .filter(Boolean)
                .join(', ') || texts.notEstimated}
            </dd>
          </>
        )}
        <dt>{texts.contrast}</dt>
        <dd>{contrast(v.toneApart)}</dd>
      </dl>
      <ul aria-label={texts.reasons}>
        {v.reasons.map((r, i) => (
          <ReasonLine key={i} reason={r} />
        ))}
        {v.reasons.length === 0 && (
          <li className="border-t border-rule py-2.5 text-soft">{texts.noProblemsFound}</li>
        )}
      </ul>
    </div>
  );
}

const contrast = (apart: number) =>
  texts.tonesApart({
    strength: apart > 0.5 ? 'strong' : apart >= 0.3 ? 'good' : apart >= 0.2 ? 'subtle' : 'weak',
    value2: apart.toFixed(2),
  });

function ReasonLine({ reason: r }: { reason: Reason }) {
  return (
    <li className="flex gap-3 border-t border-rule py-2.5">
      <span className="pt-0.5">
        <FindingMark severity={MARK[r.weight]} />
      </span>
      <div className="min-w-0">
        <p className="condensed text-[13px] text-soft">
          {r.safety && <b className="text-ink">{texts.safety} </b>}
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
