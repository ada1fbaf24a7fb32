import * as texts from 'texts/fire/DrillChoice';
import { useQuery } from '@tanstack/react-query';
import { Field, INPUT } from '../../ui/Field';
import { drillsQuery, type Drill } from './api';

const DRILLS: readonly { readonly drill: Drill; readonly name: string; readonly what: string }[] = [
  { drill: 'COLD_CENTER', name: texts.coldCenter, what: texts.coldCenterWhat },
  { drill: 'LATE_BITE', name: texts.lateBite, what: texts.lateBiteWhat },
  { drill: 'DIRTY_FACES', name: texts.dirtyFaces, what: texts.dirtyFacesWhat },
  { drill: 'LEAN_FLAME', name: texts.leanFlame, what: texts.leanFlameWhat },
  { drill: 'LYING_GAUGE', name: texts.lyingGauge, what: texts.lyingGaugeWhat },
  { drill: 'OVER_PRESSED', name: texts.overPressed, what: texts.overPressedWhat },
];

/** Which drill a practice run is, and how often this person has made it sound. */
export function DrillChoice({
  value,
  onChoose,
}: {
  value: Drill | null;
  onChoose: (drill: Drill | null) => void;
}) {
  const made = useQuery(drillsQuery).data ?? [];
  const runs = (drill: Drill) => {
    const line = made.find((d) => d.drill === drill);
    return line ? texts.soundOf({ sound: line.sound, runs: line.runs }) : '';
  };
  return (
    <Field
      label={texts.drill}
      hint={DRILLS.find((d) => d.drill === value)?.what ?? texts.noDrillWhat}
      className="max-w-md"
    >
      {(parts) => (
        <select
          {...parts}
          className={`${INPUT} min-h-12`}
          value={value ?? ''}
          onChange={(e) => onChoose((e.target.value || null) as Drill | null)}
        >
          <option value="">{texts.noDrill}</option>
          {DRILLS.map((d) => (
            <option key={d.drill} value={d.drill}>
              {d.name + runs(d.drill)}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
