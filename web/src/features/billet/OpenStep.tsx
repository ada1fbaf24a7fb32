import * as texts from 'texts/billet/OpenStep';
import { Button } from '../../ui/Button';
import { AddStep } from './AddStep';
import { StackFields } from './StackFields';
import { StepFields } from './StepFields';
import { withChange } from './planEdits';
import type { Plan } from './plan';

/** What can be done with the open step as a whole. */
export interface StepActions {
  readonly onMove: (by: -1 | 1) => void;
  readonly onCopy: () => void;
  readonly onOff: () => void;
  readonly onTakeOut: () => void;
  readonly onTakePartOut: (() => void) | undefined;
}

/** What is under the open row: its fields, and what may come after it. */
export function OpenStep({
  plan,
  stage,
  showKeys,
  onPlan,
  onAdd,
  onPart,
  actions,
}: {
  /** The plan the open stage belongs to: the billet's or a part's. */
  plan: Plan;
  stage: number;
  showKeys: boolean;
  onPlan: (edit: (plan: Plan) => Plan) => Promise<string | null>;
  onAdd: (words: string) => Promise<string | null>;
  onPart: (field: string, choice: string) => Promise<string | null>;
  actions: StepActions;
}) {
  const step = stage - 1;
  const open = plan.steps[step];
  return (
    <div className="relative grid gap-2.5 border-t border-rule px-5 py-2.5 max-sm:px-3" data-open-step>
      <div className="flex flex-wrap justify-end gap-x-4 gap-y-1 text-[14px] min-[1100px]:absolute min-[1100px]:top-2.5 min-[1100px]:right-5">
        {open && (
          <>
            <Button weight="quiet" disabled={step === 0} onClick={() => actions.onMove(-1)}>
              {texts.moveUp}
            </Button>
            <Button
              weight="quiet"
              disabled={step === plan.steps.length - 1}
              onClick={() => actions.onMove(1)}
            >
              {texts.moveDown}
            </Button>
            <Button weight="quiet" onClick={actions.onCopy}>
              {texts.copy}
            </Button>
            <Button weight="quiet" onClick={actions.onOff}>
              {open.off ? texts.include : texts.skip}
            </Button>
            <Button weight="quiet" onClick={actions.onTakeOut}>
              {texts.remove}
            </Button>
          </>
        )}
        {actions.onTakePartOut && (
          <Button weight="quiet" onClick={actions.onTakePartOut}>
            {texts.removeThePart}
          </Button>
        )}
      </div>
      {open ? (
        <StepFields
          key={open.key}
          operation={open.operation}
          parts={plan.parts.map((p) => p.name)}
          onChange={(change) => onPlan((p) => withChange(p, step, change))}
          onPart={onPart}
        />
      ) : (
        <StackFields
          stack={plan.stack}
          onChange={(edit) => onPlan((p) => ({ ...p, stack: edit(p.stack) }))}
        />
      )}
      <AddStep showKeys={showKeys} onAdd={onAdd} />
    </div>
  );
}
