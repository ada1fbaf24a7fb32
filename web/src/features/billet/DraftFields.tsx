import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { StackFields } from './StackFields';
import type { Draft, Round } from './useDraft';

const MOST_ROUNDS = 6;

/** A stack and its restacks. */
export function DraftFields({
  draft,
  change,
}: {
  draft: Draft;
  change: (edit: (draft: Draft) => Draft) => Promise<string | null>;
}) {
  const withRound = (i: number, round: Partial<Round>) =>
    change((d) => ({ ...d, rounds: d.rounds.map((r, k) => (k === i ? { ...r, ...round } : r)) }));
  return (
    <>
      <section aria-label="Stack" className="border-t border-line pt-3">
        <h2 className="pb-2 text-lg">Stack</h2>
        <StackFields
          stack={draft.stack}
          onChange={(edit) => change((d) => ({ ...d, stack: edit(d.stack) }))}
        />
      </section>
      <section aria-label="Restacks" className="border-t border-line pt-3">
        <h2 className="pb-2 text-lg">Restacks</h2>
        <div className="grid gap-3">
          {draft.rounds.map((r, i) => (
            <div key={i} className="flex items-end gap-3">
              <MeasureField
                label={`Cut ${i + 1} into`}
                measure="count"
                width="w-16"
                value={r.cut}
                onCommit={(cut) => withRound(i, { cut })}
              />
              <Choice
                label="Orientation"
                value={r.turns.length > 1 ? 'TURNED' : 'SAME'}
                options={[
                  { value: 'SAME', show: 'same way up' },
                  { value: 'TURNED', show: 'turned' },
                ]}
                onChoose={(way) =>
                  void withRound(i, { turns: way === 'TURNED' ? ['SAME', 'OVER'] : ['SAME'] })
                }
              />
              <Button
                weight="quiet"
                className="pb-1"
                aria-label={`Remove restack ${i + 1}`}
                onClick={() => void change((d) => ({ ...d, rounds: d.rounds.filter((_, k) => k !== i) }))}
              >
                Remove
              </Button>
            </div>
          ))}
          {draft.rounds.length < MOST_ROUNDS && (
            <div>
              <Button
                weight="quiet"
                onClick={() =>
                  void change((d) => ({ ...d, rounds: [...d.rounds, { cut: 4, turns: ['SAME'] }] }))
                }
              >
                Add restack
              </Button>
            </div>
          )}
        </div>
      </section>
    </>
  );
}
