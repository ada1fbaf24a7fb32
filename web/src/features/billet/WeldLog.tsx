import * as texts from 'texts/billet/WeldLog';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { JointGlyph } from '../../figures/JointGlyph';
import { Problem } from '../../lib/http';
import { useOnce } from '../../lib/useOnce';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { INPUT } from '../../ui/Field';
import { MeasureField } from '../../ui/MeasureField';
import { Temperature, Words } from '../../ui/Words';
import { logWeld, OUTCOME_WORDS, deleteWeld, type NewWeld, type Weld, type WeldOutcome } from '../book/api';
import { shortTime } from '../book/time';
import { nextQuery } from '../evidence/api';
import { billetQuery } from './api';
import { Caution } from './Caution';
import { WhyOpen } from '../weldmap/WhyOpen';
import { PROTECTION_NAMES } from './planWords';
import type { Operation, AtmosphereProtection, Plan } from './plan';
import { showPercent } from '../../units';

type SetWeld = Extract<Operation, { kind: 'set' }>;

const OUTCOMES: readonly WeldOutcome[] = ['HELD', 'SUSPECT', 'OPEN'];

/** Logs one weld of a step, and shows what the Book has of it. */
export function WeldLog({
  billetId,
  plan,
  stepKey,
  planned,
  welds,
}: {
  billetId: number;
  plan: Plan;
  stepKey: string;
  planned: SetWeld;
  welds: readonly Weld[];
}) {
  const client = useQueryClient();
  const next = useQuery(nextQuery(billetId, stepKey));
  const [temperatureC, setTemperatureC] = useState(planned.temperatureC);
  const [protection, setProtection] = useState<AtmosphereProtection>(planned.protection);
  const [outcome, setOutcome] = useState<WeldOutcome | null>(null);
  const [note, setNote] = useState('');
  const request = useOnce<NewWeld>();
  const again = () => client.invalidateQueries(billetQuery(billetId));
  const log = useMutation({
    mutationFn: (found: WeldOutcome) => {
      const weld = { stepKey, temperatureC, protection, outcome: found, note };
      const sent = request.of(weld);
      return logWeld(billetId, sent.contents, sent.id);
    },
    onSuccess: () => {
      request.taken();
      setOutcome(null);
      setNote('');
      return again();
    },
  });
  const remove = useMutation({ mutationFn: deleteWeld, onSuccess: again });
  const problem = log.error instanceof Problem ? log.error : null;

  return (
    <section aria-label={texts.weldLog} data-weld-log className="border-t border-ink pt-3">
      <h3>{texts.logWeld}</h3>
      {next.data && (
        <p className="text-[14px] text-soft" data-next-weld>
          {next.data.tooFew
            ? texts.notEnoughWeldsYetStartingEstimate({ mean: showPercent(next.data.mean) })
            : texts.fromYourRecordAWeldLike({
                mean: showPercent(next.data.mean),
                low: showPercent(next.data.limits.low),
                high: showPercent(next.data.limits.high),
              })}
        </p>
      )}
      <ul>
        {welds.map((w) => (
          <li key={w.id} className="flex gap-2.5 border-b border-rule py-2">
            <span className="pt-0.5">
              <JointGlyph state={w.outcome} />
            </span>
            <div className="min-w-0 flex-1 text-[14px]">
              <b>{OUTCOME_WORDS[w.outcome]}</b> · <Temperature celsius={w.temperatureC} /> ·{' '}
              {PROTECTION_NAMES[w.protection]}
              <span className="block text-soft">
                {shortTime(w.madeAt)}
                {w.note && <span data-own-words>{` · ${w.note}`}</span>}
              </span>
              {w.outcome !== 'HELD' && <WhyOpen plan={plan} step={stepKey} session={w.fireSession} />}
            </div>
            <Button
              weight="quiet"
              className="self-start text-[13px] text-soft"
              title={texts.deleteThisLogEntryYouCan}
              onClick={() => remove.mutate(w.id)}
            >
              {texts.deleteText}
            </Button>
          </li>
        ))}
        {welds.length === 0 && <li className="py-1 text-soft">{texts.notLoggedYet}</li>}
      </ul>
      <form
        className="grid gap-3 pt-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (outcome) log.mutate(outcome);
        }}
      >
        <MeasureField
          label={texts.heatMeasured}
          measure="temperature"
          value={temperatureC}
          onCommit={(c) => {
            if (c < 600 || c > 1500) return texts.enterAWeldingHeatFromC;
            setTemperatureC(c);
            return null;
          }}
        />
        <Choice<AtmosphereProtection>
          label={texts.atmosphereProtection}
          value={protection}
          options={(['BORAX', 'DRY', 'BOTH', 'SEALED'] as const).map((s) => ({
            value: s,
            show: PROTECTION_NAMES[s],
          }))}
          onChoose={setProtection}
        />
        <Choice<WeldOutcome>
          label={texts.result}
          value={outcome}
          options={OUTCOMES.map((o) => ({
            value: o,
            show: (
              <span className="flex items-center gap-2">
                <JointGlyph state={o} size={16} /> {OUTCOME_WORDS[o]}
              </span>
            ),
          }))}
          onChoose={setOutcome}
        />
        <div>
          <label htmlFor="weld-note" className="condensed block pb-0.5 text-[13px] text-soft">
            {texts.noteWhereHowFoundWhatWas}
          </label>
          <textarea
            id="weld-note"
            className={INPUT}
            rows={2}
            maxLength={2000}
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
        </div>
        <Caution protection={protection} />
        {problem && (
          <p role="alert">
            <Words of={`${problem.detail} ${problem.remedy}`} />
          </p>
        )}
        <Button weight="strong" type="submit" disabled={!outcome || log.isPending}>
          {outcome ? texts.logWeld : texts.chooseAResultFirst}
        </Button>
      </form>
    </section>
  );
}
