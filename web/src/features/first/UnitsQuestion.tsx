import * as texts from 'texts/first/UnitsQuestion';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Problem } from '../../lib/http';
import { METRIC, show, US, type UnitSystem } from '../../units';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { sessionQuery, setUnits } from '../account/session';
import type { Question } from './question';

/** The units everything is shown in; typing takes both. */
export function UnitsQuestion({ onDone }: Question) {
  const client = useQueryClient();
  const session = useQuery(sessionQuery).data;
  const put = useMutation({
    mutationFn: (system: UnitSystem) => setUnits({ system, chosen: {} }),
    onSettled: () => client.invalidateQueries(),
  });
  if (!session) return null;
  const units = session.units.system === 'INCH' ? US : METRIC;
  return (
    <>
      <Choice
        label={texts.units}
        hideLabel
        value={session.units.system}
        onChoose={(system) => put.mutate(system)}
        options={[
          { value: 'INCH', show: texts.usShop },
          { value: 'METRIC', show: texts.metric },
        ]}
      />
      <p className="py-3">
        {texts.aBarOfIsShownAt({
          show: show('length', 38.1, units),
          show2: show('temperature', 1180, units),
          show3: show('force', 220, units),
        })}
      </p>
      <p className="pb-3 text-soft">{texts.youCanTypeEitherSystemIn}</p>
      <Button weight="strong" disabled={put.isPending} onClick={onDone}>
        {texts.continueText}
      </Button>
      {put.error && (
        <p role="alert" className="pt-2">
          ▲ {Problem.from(put.error).detail}
        </p>
      )}
    </>
  );
}
