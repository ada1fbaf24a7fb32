import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Choice } from '../../ui/Choice';
import { Select } from '../../ui/Select';
import { useUnits } from '../../ui/Words';
import { unitOf, METRIC, US, type QuantityKind, type Units, type UnitSystem } from '../../units';
import { setUnits } from './api';

/** Quantities a person may want in the other system; the rest follow these. */
const QUANTITIES: readonly { readonly kind: QuantityKind; readonly name: string }[] = [
  { kind: 'length', name: 'Length' },
  { kind: 'temperature', name: 'Temperature' },
  { kind: 'mass', name: 'Mass' },
  { kind: 'force', name: 'Force' },
  { kind: 'pressure', name: 'Pressure' },
  { kind: 'volume', name: 'Volume' },
  { kind: 'power', name: 'Power' },
  { kind: 'massFlow', name: 'Gas used' },
  { kind: 'speed', name: 'Speed' },
  { kind: 'density', name: 'Density' },
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
    <section aria-label="Your units" className="border-t border-ink py-3">
      <div className="grid gap-4 sm:grid-cols-[9rem_1fr]">
        <h2 className="text-lg">Your units</h2>
        <div className="grid gap-3">
          <Choice<UnitSystem>
            label="Units"
            value={units.system}
            options={[
              { value: 'INCH', show: 'US shop' },
              { value: 'METRIC', show: 'Metric' },
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
              Your units were not changed. Try again.
            </p>
          )}
        </div>
      </div>
    </section>
  );
}
