import * as texts from 'texts/billet/DraftFields';
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
      <section aria-label={texts.stack} className="border-t border-line pt-3">
        <h2 className="pb-2 text-lg">{texts.stack}</h2>
        <StackFields
          stack={draft.stack}
          onChange={(edit) => change((d) => ({ ...d, stack: edit(d.stack) }))}
        />
      </section>
      <section aria-label={texts.restacks} className="border-t border-line pt-3">
        <h2 className="pb-2 text-lg">{texts.restacks}</h2>
        <div className="grid gap-3">
          {draft.rounds.map((r, i) => (
            <div key={i} className="flex items-end gap-3 max-sm:flex-wrap">
              <MeasureField
                label={texts.cutInto({ value: i + 1 })}
                measure="count"
                width="w-16"
                value={r.cut}
                onCommit={(cut) => withRound(i, { cut })}
              />
              <Choice
                label={texts.orientation}
                value={r.turns.length > 1 ? 'TURNED' : 'SAME'}
                options={[
                  { value: 'SAME', show: texts.sameWayUp },
                  { value: 'TURNED', show: texts.turned },
                ]}
                onChoose={(way) =>
                  void withRound(i, { turns: way === 'TURNED' ? ['SAME', 'OVER'] : ['SAME'] })
                }
              />
              <Button
                weight="quiet"
                className="pb-1"
                aria-label={texts.removeRestack({ value: i + 1 })}
                onClick={() => void change((d) => ({ ...d, rounds: d.rounds.filter((_, k) => k !== i) }))}
              >
                {texts.remove}
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
                {texts.addRestack}
              </Button>
            </div>
          )}
        </div>
      </section>
    </>
  );
}
