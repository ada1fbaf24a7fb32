import * as texts from 'texts/pair/QuestionFields';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { PROTECTION_NAMES } from '../billet/planWords';
import type { AtmosphereProtection } from '../billet/plan';
import { ROLE_WORDS, type Question, type Role } from './api';

const SHORT: Record<AtmosphereProtection, string> = {
  BORAX: texts.flux,
  DRY: texts.fuelSoak,
  BOTH: texts.fluxOverFuel,
  SEALED: texts.sealed,
};

/** What each chosen steel is there for, how it is welded, and what it becomes. */
export function QuestionFields({
  question,
  onRole,
  onProcess,
  onCuttingEdge,
  onTemper,
}: {
  question: Question;
  onRole: (steel: string, role: Role) => void;
  onProcess: (process: AtmosphereProtection) => void;
  onCuttingEdge: (cuttingEdge: boolean) => void;
  onTemper: (temperC: number) => void;
}) {
  return (
    <div className="grid gap-2.5 pb-3">
      {question.members.map(({ steel: id, role }) => (
        <label key={id} className="flex items-baseline justify-between gap-2">
          <b>{id}</b>
          <select
            aria-label={texts.role({ id })}
            className="border border-line bg-raised px-1.5 py-0.5 text-[14px]"
            value={role}
            onChange={(e) => onRole(id, e.target.value as Role)}
          >
            {(Object.keys(ROLE_WORDS) as Role[]).map((r) => (
              <option key={r} value={r}>
                {ROLE_WORDS[r]}
              </option>
            ))}
          </select>
        </label>
      ))}
      <Choice<AtmosphereProtection>
        label={texts.atmosphereProtection}
        value={question.process}
        options={(Object.keys(PROTECTION_NAMES) as AtmosphereProtection[]).map((s) => ({
          value: s,
          show: SHORT[s],
        }))}
        onChoose={onProcess}
      />
      <div className="flex items-end gap-4">
        <Choice<'edge' | 'fitting'>
          label={texts.use}
          value={question.cuttingEdge ? 'edge' : 'fitting'}
          options={[
            { value: 'edge', show: texts.aBlade },
            { value: 'fitting', show: texts.aFitting },
          ]}
          onChoose={(v) => onCuttingEdge(v === 'edge')}
        />
        <MeasureField
          label={texts.temper}
          measure="temperature"
          width="w-20"
          value={question.temperC}
          onCommit={(c) => {
            if (c < 100 || c > 700) return texts.enterATemperFromC100;
            onTemper(c);
            return null;
          }}
        />
      </div>
    </div>
  );
}
