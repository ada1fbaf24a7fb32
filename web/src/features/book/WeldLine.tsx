import * as texts from 'texts/book/WeldLine';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { JointGlyph } from '../../figures/JointGlyph';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field, INPUT } from '../../ui/Field';
import { MeasureField } from '../../ui/MeasureField';
import { Refusal } from '../../ui/Notice';
import { Temperature, Words } from '../../ui/Words';
import { PROTECTION_NAMES } from '../billet/planWords';
import { changeWeld, OUTCOME_WORDS, weldBeforeQuery, type Weld, type WeldOutcome } from './api';
import { LineFrame } from './LineFrame';
import { howWords } from './lines';
import { shortTime } from './time';

/** A weld: heat, atmosphere protection, how it was made, what came of it; edited in place with its past kept. */
export function WeldLine({ weld, byDay, onDelete }: { weld: Weld; byDay: boolean; onDelete: () => void }) {
  const [editing, setEditing] = useState(false);
  const how = howWords(weld);
  return (
    <LineFrame
      line={{ weld }}
      glyph={
        <>
          <JointGlyph state={weld.outcome} /> {OUTCOME_WORDS[weld.outcome]}
        </>
      }
      byDay={byDay}
      onEdit={() => setEditing(!editing)}
      onDelete={onDelete}
      deleteLabel={texts.deleteOf({ stepTitle: weld.stepTitle, billetName: weld.billetName })}
      below={editing && <WeldEditor weld={weld} onDone={() => setEditing(false)} />}
    >
      <b className="text-[17px]">
        <Temperature celsius={weld.temperatureC} />
      </b>{' '}
      · {PROTECTION_NAMES[weld.protection]}
      {how && (
        <>
          {' '}
          · <Words of={how} />
        </>
      )}
      {weld.fireSession !== null && (
        <>
          {' · '}
          <Link to={`/fire/${weld.fireSession}`} className="underline decoration-line underline-offset-4">
            {texts.trace}
          </Link>
        </>
      )}
      {weld.note && (
        <span data-own-words className="block text-soft">
          {weld.note}
        </span>
      )}
    </LineFrame>
  );
}

function WeldEditor({ weld, onDone }: { weld: Weld; onDone: () => void }) {
  const client = useQueryClient();
  const before = useQuery(weldBeforeQuery(weld.id));
  const [temperatureC, setTemperatureC] = useState(weld.temperatureC);
  const [outcome, setOutcome] = useState<WeldOutcome>(weld.outcome);
  const [note, setNote] = useState(weld.note);
  const store = useMutation({
    mutationFn: () => {
      const { version, madeAt, protection, how } = weld;
      return changeWeld(weld.id, { version, madeAt, temperatureC, protection, outcome, note, how });
    },
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['book'] });
      onDone();
    },
  });
  return (
    <form
      aria-label={texts.edit({ stepTitle: weld.stepTitle })}
      className="grid gap-3 bg-panel px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        store.mutate();
      }}
    >
      <div className="flex flex-wrap items-end gap-4">
        <MeasureField
          label={texts.heatMeasured}
          measure="temperature"
          value={temperatureC}
          onCommit={(c) => {
            setTemperatureC(c);
            return c < 600 || c > 1500 ? texts.enterAWeldingHeatFromC : null;
          }}
        />
        <Choice<WeldOutcome>
          label={texts.result}
          value={outcome}
          options={(['HELD', 'SUSPECT', 'OPEN'] as const).map((o) => ({ value: o, show: OUTCOME_WORDS[o] }))}
          onChoose={setOutcome}
        />
        <Field label={texts.note} className="min-w-64 flex-1">
          {(parts) => (
            <input
              {...parts}
              className={INPUT}
              maxLength={2000}
              value={note}
              onChange={(e) => setNote(e.target.value)}
            />
          )}
        </Field>
        <Button weight="strong" type="submit" disabled={store.isPending}>
          {texts.save}
        </Button>
        <Button onClick={onDone}>{texts.cancel}</Button>
      </div>
      {store.error && <Refusal error={store.error} />}
      {before.data && before.data.length > 0 && (
        <ul className="text-[14px] text-soft" aria-label={texts.history}>
          {before.data.map((b) => (
            <li key={b.version}>
              {texts.untilChangedBy({
                changedAt: shortTime(b.changedAt),
                changedBy: b.changedBy,
                value: OUTCOME_WORDS[b.was.outcome],
              })}
              <Temperature celsius={b.was.temperatureC} /> · {b.was.note || texts.noNote}
            </li>
          ))}
        </ul>
      )}
    </form>
  );
}
