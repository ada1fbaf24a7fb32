import * as texts from 'texts/account/OwnUnits';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Choice } from '../../ui/Choice';
import { Select } from '../../ui/Select';
import { useUnits } from '../../ui/Words';
import { unitOf, METRIC, US, type QuantityKind, type Units, type UnitSystem } from '../../units';
import { setUnits } from './session';

/** Quantities a person may want in the other system; the rest follow these. */
const QUANTITIES: readonly { readonly kind: QuantityKind; readonly name: string }[] = [
  { kind: 'length', name: texts.length },
  { kind: 'temperature', name: texts.temperature },
  { kind: 'mass', name: texts.mass },
  { kind: 'force', name: texts.force },
  { kind: 'pressure', name: texts.pressure },
  { kind: 'volume', name: texts.volume },
  { kind: 'power', name: texts.power },
  { kind: 'massFlow', name: texts.gasUsed },
  { kind: 'speed', name: texts.speed },
  { kind: 'density', name: texts.density },
];

/** The units a person reads: one system, and single quantities in the other one. */
export function OwnUnits() {
  const units = useUnits();
  const client = useQueryClient();
  const put = useMutation({
    mutationFn: (to: Units) => setUnits(to),
    onSuccess: () => client.invalidateQueries(),
  });
  const choose = (kind: QuantityKind, to: UnitSystem) => {
    // A difference of temperatures is read as temperatures are.
    const kinds = kind === 'temperature' ? [kind, 'temperatureChange'] : [kind];
    const rest = Object.entries(units.chosen).filter(([other]) => !kinds.includes(other));
    const these = to === units.system ? [] : kinds.map((k) => [k, to] as const);
    put.mutate({ ...units, chosen: Object.fromEntries([...rest, ...these]) });
  };
  return (
    <section aria-label={texts.yourUnits} className="border-t border-ink py-3">
      <div className="grid gap-4 sm:grid-cols-[9rem_1fr]">
        <h2 className="text-lg">{texts.yourUnits}</h2>
        <div className="grid gap-3">
          <Choice<UnitSystem>
            label={texts.units}
            value={units.system}
            options={[
              { value: 'INCH', show: texts.usShop },
              { value: 'METRIC', show: texts.metric },
            ]}
            onChoose={(system) => put.mutate({ system, chosen: {} })}
          />
          <div className="flex flex-wrap gap-3">
            {QUANTITIES.map(({ kind, name }) => (
              <Select<UnitSystem>
                key={kind}
                label={name}
                value={units.chosen[kind] ?? units.system}
                options={{ INCH: unitOf(kind, US), METRIC: unitOf(kind, METRIC) }}
                onChoose={(to) => choose(kind, to)}
              />
            ))}
          </div>
          {put.isError && (
            <p role="alert" className="text-[14px]">
              {texts.yourUnitsWereNotChangedTry}
            </p>
          )}
        </div>
      </div>
    </section>
  );
}
