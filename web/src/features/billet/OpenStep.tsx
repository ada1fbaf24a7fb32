import { Button } from '../../ui/Button';
import { AddStep } from './AddStep';
import { StackFields } from './StackFields';
import { StepFields } from './StepFields';
import { withChange, type Plan } from './plan';

/** What stands under the open row: its fields, and what may come after it. */
export function OpenStep({
  plan,
  stage,
  showKeys,
  onPlan,
  onAdd,
  onMove,
  onTakeOut,
}: {
  plan: Plan;
  stage: number;
  showKeys: boolean;
  onPlan: (edit: (plan: Plan) => Plan) => Promise<string | null>;
  onAdd: (words: string) => Promise<string | null>;
  onMove: (by: -1 | 1) => void;
  onTakeOut: () => void;
}) {
  const step = stage - 1;
  const operation = plan.steps[step]?.operation;
  return (
    <div className="grid gap-3 border-t border-rule px-5 py-3" data-open-step>
      {operation ? (
        <StepFields
          key={plan.steps[step]?.key}
          operation={operation}
          onChange={(change) => onPlan((p) => withChange(p, step, change))}
        />
      ) : (
        <StackFields
          stack={plan.stack}
          onChange={(edit) => onPlan((p) => ({ ...p, stack: edit(p.stack) }))}
        />
      )}
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <AddStep showKeys={showKeys} onAdd={onAdd} />
        {operation && (
          <div className="flex gap-4 pt-1">
            <Button weight="quiet" disabled={step === 0} onClick={() => onMove(-1)}>
              Move up
            </Button>
            <Button weight="quiet" disabled={step === plan.steps.length - 1} onClick={() => onMove(1)}>
              Move down
            </Button>
            <Button weight="quiet" onClick={onTakeOut}>
              Take out
            </Button>
          </div>
        )}
      </div>
    </div>
  );
}
