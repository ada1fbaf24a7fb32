import * as texts from 'texts/evidence/EvidenceView';
import { useQuery } from '@tanstack/react-query';
import { RangeBar } from '../../figures/RangeBar';
import { LoadFailed } from '../../ui/Notice';
import { evidenceQuery, levelWords, type Evidence, type Line } from './api';
import { Compare } from './Compare';
import { showPercent } from '../../units';
import { useScrollFocus } from '../../ui/useScrollFocus';
import { OtherShops } from '../pooling/OtherShops';

const ANY_SHARE = { low: 0, middle: 0.5, high: 1 };

/** What occurs together in the Book: counts first, then how sure they are. Why is nowhere said. */
export function EvidenceView() {
  const evidence = useQuery({ ...evidenceQuery, staleTime: 0 });
  if (evidence.isError) return <LoadFailed error={evidence.error} again={() => void evidence.refetch()} />;
  if (!evidence.data) return <p className="p-10 text-soft">{texts.loadingTheRecord}</p>;
  const e = evidence.data;
  return (
    <main className="relative h-full overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="text-2xl">{texts.evidence}</h1>
        <p className="text-soft">{texts.whichPracticesGoWithDelaminationsAnd}</p>
      </div>
      <div className="grid grid-cols-[1fr_22rem] gap-8 pt-4 max-lg:grid-cols-[minmax(0,1fr)]">
        <div>
          <All evidence={e} />
          {e.factors
            .filter((f) => f.lines.length > 0)
            .map((f) => (
              <Table key={f.factor} title={f.words} lines={f.lines} of="welds" />
            ))}
          {e.joints.length > 0 && (
            <Table title={texts.positionOfTheJointInThe} lines={e.joints} of="joints" />
          )}
        </div>
        <aside className="flex flex-col gap-5">
          <Next evidence={e} />
          <Compare evidence={e} />
          <Belief evidence={e} />
        </aside>
      </div>
      <div className="pt-6">
        <OtherShops />
      </div>
    </main>
  );
}

function All({ evidence: { all, otherShops, others } }: { evidence: Evidence }) {
  const decided = judged(all);
  return (
    <section aria-label={texts.allWelds} className="border-y border-ink py-3">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <b className="text-[44px] leading-none" data-evidence="open">
          {all.open}
        </b>
        <span className="text-lg">
          {texts.ofInspectedWeldsDelaminated({ decided })}
          {all.suspect > 0 && (
            <span className="text-soft">{texts.notInspectedYet({ suspect: all.suspect })}</span>
          )}
        </span>
      </p>
      <p className="pt-1 text-soft">
        {decided === 0
          ? texts.noWeldInTheBookHas
          : all.tooFew
            ? texts.notEnoughWeldsYet
            : texts.soToOfSuchWeldsDelaminate({
                low: showPercent(all.limits.low),
                high: showPercent(all.limits.high),
              })}
      </p>
      {otherShops > 0 && (
        <p className="text-soft">
          {texts.otherShops({ shops: otherShops, open: others.open, decided: judged(others) })}
        </p>
      )}
    </section>
  );
}

/** Those that have a result. */
const judged = (tally: Line['tally']) => tally.held + tally.open;

/** How many of the welds were found open. */
function Counted({ tally, of }: { tally: Line['tally']; of: string }) {
  return judged(tally) === 0 ? (
    <span className="text-soft">{texts.noneOfYoursInspected}</span>
  ) : (
    <>
      <b className="text-[17px]">{tally.open}</b>{' '}
      <span className="text-soft">{texts.ofDelaminated({ value: judged(tally), of })}</span>
    </>
  );
}

/** The share that delaminates, where there are enough welds to say so, and below it other shops'. */
function Share({ of: { tally, others } }: { of: Line }) {
  const own = tally.tooFew
    ? texts.notEnoughWeldsYet2
    : texts.toDelaminate({ low: showPercent(tally.limits.low), high: showPercent(tally.limits.high) });
  return (
    <>
      {judged(tally) > 0 && own}
      {others && <Others tally={others} />}
    </>
  );
}

/** Welds of other shops, apart from the own ones. */
function Others({ tally }: { tally: Line['tally'] }) {
  return (
    <span className="block" data-others="">
      {texts.othersHere({
        open: tally.open,
        decided: judged(tally),
        low: showPercent(tally.limits.low),
        high: showPercent(tally.limits.high),
      })}
    </span>
  );
}

function Table({ title, lines, of }: { title: string; lines: readonly Line[]; of: string }) {
  const scrolls = useScrollFocus();
  return (
    <section aria-label={title} className="overflow-x-auto pt-4" ref={scrolls}>
      <h2 className="text-[15px] font-semibold">{title}</h2>
      <table className="w-full border-collapse text-left">
        <thead className="sr-only">
          <tr>
            <th>{title}</th>
            <th>{texts.open}</th>
            <th>{texts.shareThatDelaminates}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.level} className="border-t border-rule [&>td]:py-1.5 [&>td]:pr-4">
              <td className="w-56 align-top">
                {levelWords(line.level)}
                <span className="block sm:hidden">
                  <Counted tally={line.tally} of={of} />
                </span>
              </td>
              <td className="w-44 whitespace-nowrap max-sm:hidden">
                <Counted tally={line.tally} of={of} />
              </td>
              <td className="w-64">
                {judged(line.tally) > 0 && (
                  <RangeBar
                    now={{ ...line.tally.limits, middle: line.tally.openShare }}
                    before={ANY_SHARE}
                    label={texts.to({
                      low: showPercent(line.tally.limits.low),
                      high: showPercent(line.tally.limits.high),
                    })}
                  />
                )}
                <span className="block text-[14px] text-soft sm:hidden">
                  <Share of={line} />
                </span>
              </td>
              <td className="text-[14px] text-soft max-sm:hidden">
                <Share of={line} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Next({ evidence: { usual, belief, alone, otherShops } }: { evidence: Evidence }) {
  return (
    <section aria-label={texts.theNextWeld} className="border-y border-ink py-3">
      <h2>{texts.theNextWeldMadeAsUsual}</h2>
      <p className="leading-tight">
        <b className="text-[44px]" data-evidence="next">
          {showPercent(usual.mean)}
        </b>{' '}
        <span className="text-soft">{texts.chanceThatItHolds}</span>
      </p>
      <p className="text-[14px] text-soft">
        {usual.tooFew
          ? texts.notEnoughWeldsYetWithInspected({ welds: usual.welds, mean: showPercent(belief.mean) })
          : texts.to90RangeFromInspectedWelds({
              low: showPercent(usual.limits.low),
              high: showPercent(usual.limits.high),
              welds: usual.welds,
              mean: showPercent(belief.mean),
            })}{' '}
        {otherShops > 0 && texts.withOtherShops({ shops: otherShops, alone: showPercent(alone.mean) })}{' '}
        {texts.theFinderUsesThis}
      </p>
    </section>
  );
}

function Belief({ evidence: { factors, shopSpread, moves } }: { evidence: Evidence }) {
  const odds = (move: number) => `${move > 0 ? '+' : '−'}${Math.abs(move).toFixed(2)}`;
  return (
    <details className="text-[14px]">
      <summary className="cursor-pointer font-semibold">{texts.howThisIsCalculated}</summary>
      <p className="pt-2 text-soft">{texts.theStartingEstimateIs95In({ shopSpread })}</p>
      <table className="mt-2 w-full">
        <tbody>
          {factors.map((f) => (
            <tr key={f.factor} className="border-t border-rule align-top">
              <td className="py-1 pr-3">{f.words}</td>
              <td className="py-1 text-right">± {f.spread}</td>
              <td className="py-1 pl-3 text-soft">
                {f.lines
                  .filter((l) => moves[`${f.factor}:${l.level}`] !== undefined)
                  .map((l) => `${levelWords(l.level)} ${odds(moves[`${f.factor}:${l.level}`] ?? 0)}`)
                  .join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
