import * as texts from 'texts/billet/StepFields';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { LaidFields } from './LaidFields';
import { laidOf, type Laid, type Operation, type Piece } from './plan';
import { PatternFields } from './StackFields';
import { CHOICES, FIGURES, YES_NO } from './stepFigures';
import { TurnsField } from './TurnsField';

type Change = (change: (operation: Operation) => Partial<Operation>) => Promise<string | null>;

const LAID_LEGENDS: Readonly<Record<string, string>> = {
  between: texts.betweenTheBarsBottomFirst,
  below: texts.underTheCoreBottomFirst,
  above: texts.onTheCoreBottomFirst,
  left: texts.toTheLeftOutermostFirst,
  right: texts.toTheRightOutermostLast,
};

/** A step in place: each figure commits on its own. */
export function StepFields({
  operation,
  onChange,
  onPart,
  parts,
}: {
  operation: Operation;
  /** Takes the fields to change, worked out from the step as it is by then. */
  onChange: Change;
  /** Lays a bar of a part into a field: an existing part, a new one, or one from the Rack. */
  onPart: (field: string, choice: string) => Promise<string | null>;
  /** Names of the plan's parts. */
  parts: readonly string[];
}) {
  const values = operation as unknown as Readonly<Record<string, unknown>>;
  const put = (name: string, value: unknown) => onChange(() => ({ [name]: value }));
  return (
    <div className="grid gap-2.5">
      <div className="flex flex-wrap items-start gap-3 pr-24">
        {FIGURES[operation.kind].map((f) => (
          <MeasureField
            key={f.name}
            label={f.label}
            measure={f.measure}
            width={f.label.length > 14 ? 'w-32' : 'w-24'}
            value={Number(values[f.name] ?? 0)}
            onCommit={(value) =>
              operation.kind === 'aside' && value > 0 && f.name !== 'kerfMm'
                ? onChange(() => ({ pieces: 0, lengthMm: 0, [f.name]: value }))
                : put(f.name, value)
            }
          />
        ))}
      </div>
      <div className="flex flex-wrap gap-x-5 gap-y-3">
        {(CHOICES[operation.kind] ?? [])
          .filter((c) => c.when?.(operation) ?? true)
          .map((c) => (
            <Choice
              key={c.name}
              label={c.label}
              value={values[c.name] as string}
              options={Object.entries(c.options).map(([value, show]) => ({ value, show }))}
              onChoose={(value) => void put(c.name, value)}
            />
          ))}
        {(YES_NO[operation.kind] ?? []).map((y) => (
          <Choice
            key={y.name}
            label={y.label}
            value={values[y.name] ? 'yes' : 'no'}
            options={[
              { value: 'no', show: y.no },
              { value: 'yes', show: y.yes },
            ]}
            onChoose={(value) => void put(y.name, value === 'yes')}
          />
        ))}
        {(operation.kind === 'restack' || operation.kind === 'layup') && (
          <TurnsField turns={operation.turns} onTurns={(turns) => void put('turns', turns)} />
        )}
      </div>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        {laidOf(operation).map(([field, laid]) => (
          <LaidFields
            key={field}
            legend={LAID_LEGENDS[field] ?? field}
            laid={laid}
            parts={parts}
            onLaid={(edit) => onChange((o) => ({ [field]: edit(laidIn(o, field)) }))}
            onPart={(choice) => onPart(field, choice)}
          />
        ))}
      </div>
      {operation.kind === 'layup' && (
        <PatternFields
          pattern={operation.shims}
          least={0}
          legend={texts.shimsOnEachBarBottomFirst}
          add={texts.addShim}
          onPattern={(edit) => onChange((o) => ({ shims: edit(o.kind === 'layup' ? o.shims : []) }))}
        />
      )}
      {operation.kind === 'roll' && (
        <PatternFields
          pattern={operation.core ? [operation.core] : []}
          least={0}
          most={1}
          legend={texts.aroundACoreThicknessDiameter}
          add={texts.addCore}
          onPattern={(edit) =>
            onChange((o) => ({ core: edit(o.kind === 'roll' && o.core ? [o.core] : [])[0] ?? null }))
          }
        />
      )}
    </div>
  );
}

const laidIn = (o: Operation, field: string): readonly Laid[] =>
  laidOf(o).find(([name]) => name === field)?.[1] ?? ([] as readonly Piece[]);
