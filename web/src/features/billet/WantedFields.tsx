import * as texts from 'texts/billet/WantedFields';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { InPlace } from '../../ui/InPlace';
import { MeasureField } from '../../ui/MeasureField';
import { Length, Words } from '../../ui/Words';
import { smallest, type Finish, type Run } from './api';
import type { Plan, Wanted } from './plan';

const BLADE: Wanted = { name: 'blade', count: 1, lengthMm: 200, widthMm: 30, heightMm: 4 };

type Answer = Awaited<ReturnType<typeof smallest>>;

/** The pieces the bar should yield, whether it does, and the smallest stack that would. */
export function WantedFields({
  plan,
  run,
  onPlan,
}: {
  plan: Plan;
  run: Run;
  onPlan: (edit: (plan: Plan) => Plan) => Promise<string | null>;
}) {
  const [asking, setAsking] = useState(false);
  const [answer, setAnswer] = useState<{ for: Plan; said: Answer } | null>(null);
  const [error, setError] = useState<string | null>(null);
  const change = (i: number, edit: Partial<Wanted>) =>
    onPlan((p) => ({ ...p, wanted: p.wanted.map((w, k) => (k === i ? { ...w, ...edit } : w)) }));
  const ask = async () => {
    setAsking(true);
    try {
      setAnswer({ for: plan, said: await smallest(plan) });
      setError(null);
    } catch (e) {
      setError(Problem.from(e).detail);
    } finally {
      setAsking(false);
    }
  };
  const said = answer?.for === plan ? answer.said : null;
  return (
    <section aria-label={texts.finishedPieces} className="border-t border-ink pt-2 pb-4">
      <h3>{texts.finishedPieces}</h3>
      {plan.wanted.map((w, i) => (
        <div key={i} className="border-b border-rule py-1.5">
          <div className="flex items-baseline justify-between gap-2">
            <InPlace
              label={texts.nameOfPiece({ value: i + 1 })}
              value={w.name}
              className="font-semibold"
              onCommit={(name) => change(i, { name })}
            />
            <Button
              weight="quiet"
              className="text-[13px]"
              aria-label={texts.remove2({ name: w.name })}
              onClick={() => void onPlan((p) => ({ ...p, wanted: p.wanted.filter((_, k) => k !== i) }))}
            >
              {texts.remove}
            </Button>
          </div>
          <div className="flex flex-wrap gap-2">
            <MeasureField
              label={texts.pieces}
              measure="count"
              width="w-13"
              value={w.count}
              onCommit={(count) => change(i, { count })}
            />
            <MeasureField
              label={texts.length}
              measure="length"
              width="w-16"
              value={w.lengthMm}
              onCommit={(lengthMm) => change(i, { lengthMm })}
            />
            <MeasureField
              label={texts.width}
              measure="length"
              width="w-14"
              hideUnit
              value={w.widthMm}
              onCommit={(widthMm) => change(i, { widthMm })}
            />
            <MeasureField
              label={texts.height}
              measure="length"
              width="w-14"
              hideUnit
              value={w.heightMm}
              onCommit={(heightMm) => change(i, { heightMm })}
            />
          </div>
        </div>
      ))}
      {run.finish && <FinishWords finish={run.finish} />}
      <div className="flex flex-wrap gap-4 pt-2">
        <Button
          weight="quiet"
          onClick={() => void onPlan((p) => ({ ...p, wanted: [...p.wanted, p.wanted.at(-1) ?? BLADE] }))}
        >
          {texts.addAPiece}
        </Button>
        {plan.wanted.length > 0 && (
          <Button weight="quiet" disabled={asking} onClick={() => void ask()}>
            {asking ? texts.calculating : texts.findTheSmallestStack}
          </Button>
        )}
      </div>
      {error && (
        <p role="alert" className="pt-1 text-[13px]">
          <span aria-hidden>▲ </span>
          <Words of={error} />
        </p>
      )}
      {said?.enough && (
        <p role="status" className="pt-2">
          {texts.aStackOf} <Length mm={said.plan.stack.widthMm} /> ×{' '}
          <b>
            <Length mm={said.plan.stack.lengthMm} unit />
          </b>{' '}
          {texts.isEnough}
          {said.plan.parts.length > 0 && texts.withPartsOfTheLengthThey}.{' '}
          <Button
            weight="quiet"
            className="font-semibold"
            onClick={() => void onPlan(() => ({ ...said.plan, wanted: plan.wanted }))}
          >
            {texts.useThisStack}
          </Button>
        </p>
      )}
      {said && !said.enough && (
        <p role="status" className="pt-2">
          <b>{texts.noStackOfAnyLengthIs}</b> {texts.theClosestOneIsShort}
          <FinishWords finish={said.finish} />
        </p>
      )}
    </section>
  );
}

function FinishWords({ finish }: { finish: Finish }) {
  const sizes = [
    ['long', finish.lengthShortMm],
    ['wide', finish.widthShortMm],
    ['high', finish.heightShortMm],
  ] as const;
  const short = sizes.filter(([, mm]) => mm > 1e-6);
  if (short.length === 0) {
    return (
      <p className="pt-1 text-[14px]">
        {texts.theBarIsLongEnough} <Length mm={Math.max(0, -finish.lengthShortMm)} unit /> {texts.toSpare}
      </p>
    );
  }
  return (
    <span className="block pt-1 text-[14px]">
      {short.map(([how, mm], i) => (
        <span key={how}>
          {i > 0 && ', '}
          <b>
            <Length mm={mm} unit />
          </b>{' '}
          {texts.notEnough({ how })}
        </span>
      ))}
      .
    </span>
  );
}
