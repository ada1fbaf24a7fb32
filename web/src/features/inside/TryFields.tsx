import * as texts from 'texts/inside/TryFields';
import { Button } from '../../ui/Button';
import { Slide } from '../../ui/Slide';
import { Length } from '../../ui/Words';
import type { Plan } from '../billet/plan';
import { stepTitle } from '../billet/StepWords';
import { triesOf, withTried } from './tries';

/** The steps that make the pattern, to be tried while you look; nothing is in the plan until it is put there. */
export function TryFields({
  plan,
  planned,
  stage,
  onPlan,
  onKeep,
  keeping,
}: {
  plan: Plan;
  /** As it is stored. */
  planned: Plan;
  stage: number;
  onPlan: (plan: Plan) => void;
  onKeep: () => void;
  keeping: boolean;
}) {
  const tries = triesOf(planned, plan, stage);
  if (tries.length === 0) return null;
  const changed = plan !== planned;
  return (
    <section aria-label={texts.tryChanges} className="grid gap-2 border-t border-line pt-3">
      <h2 className="text-lg">{texts.tryChanges}</h2>
      {tries.map((t, i) => {
        const operation = plan.steps[t.step]?.operation;
        return (
          <div key={`${t.step} ${t.field}`}>
            {operation && tries[i - 1]?.step !== t.step && (
              <p className="text-[13px] text-soft">
                {texts.step({ value: t.step + 1, operation: stepTitle(operation) })}
              </p>
            )}
            <Slide
              label={t.label}
              show={t.measure === 'length' ? <Length mm={t.value} unit /> : t.value}
              value={t.value}
              least={t.least}
              most={t.most}
              step={t.by}
              onChange={(value) => onPlan(withTried(plan, t, value))}
            />
          </div>
        );
      })}
      <div className="flex gap-2">
        <Button disabled={!changed || keeping} onClick={onKeep}>
          {texts.applyToPlan}
        </Button>
        <Button disabled={!changed} onClick={() => onPlan(planned)}>
          {texts.asPlanned}
        </Button>
      </div>
    </section>
  );
}
