import * as texts from 'texts/billet/StepFields';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { LaidFields } from './LaidFields';
import type { Laid, Operation, Piece, Turn } from './plan';
import { PatternFields } from './StackFields';
import { askedOf, isFigure, valueOf, type FieldOf } from './stepKinds';
import { TurnsField } from './TurnsField';

type Change = (change: (operation: Operation) => Partial<Operation>) => Promise<string | null>;

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
  const fields = askedOf(operation);
  const put = (name: string, value: unknown) => onChange(() => ({ [name]: value }));
  return (
    <div className="grid gap-2.5">
      <div className="flex flex-wrap items-start gap-3 pr-24">
        {fields.filter(isFigure).map((f) => (
          <MeasureField
            key={f.name}
            label={f.label}
            measure={f.holds}
            width={f.label.length > 14 ? 'w-32' : 'w-24'}
            value={Number(valueOf(operation, f.name) ?? 0)}
            onCommit={(value) =>
              operation.kind === 'aside' && value > 0 && f.name !== 'kerfMm'
                ? onChange(() => ({ pieces: 0, lengthMm: 0, [f.name]: value }))
                : put(f.name, value)
            }
          />
        ))}
      </div>
      <div className="flex flex-wrap gap-x-5 gap-y-3">
        {fields
          .filter((f) => f.holds === 'choice')
          .map((f) => (
            <Choice
              key={f.name}
              label={f.label}
              value={valueOf(operation, f.name) as string}
              options={Object.entries(f.options ?? {}).map(([value, show]) => ({ value, show }))}
              onChoose={(value) => void put(f.name, value)}
            />
          ))}
        {fields
          .filter((f) => f.holds === 'yesNo')
          .map((f) => (
            <Choice
              key={f.name}
              label={f.label}
              value={valueOf(operation, f.name) ? 'yes' : 'no'}
              options={[
                { value: 'no', show: f.no },
                { value: 'yes', show: f.yes },
              ]}
              onChoose={(value) => void put(f.name, value === 'yes')}
            />
          ))}
        {fields
          .filter((f) => f.holds === 'turns')
          .map((f) => (
            <TurnsField
              key={f.name}
              turns={valueOf(operation, f.name) as readonly Turn[]}
              onTurns={(turns) => void put(f.name, turns)}
            />
          ))}
      </div>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        {fields
          .filter((f) => f.holds === 'laid')
          .map((f) => (
            <LaidFields
              key={f.name}
              legend={f.label}
              laid={laidIn(operation, f.name)}
              parts={parts}
              onLaid={(edit) => onChange((o) => ({ [f.name]: edit(laidIn(o, f.name)) }))}
              onPart={(choice) => onPart(f.name, choice)}
            />
          ))}
      </div>
      {fields
        .filter((f) => f.holds === 'pieces' || f.holds === 'piece')
        .map((f) => (
          <PatternFields
            key={f.name}
            pattern={piecesIn(operation, f)}
            least={0}
            {...(f.holds === 'piece' && { most: 1 })}
            legend={f.label}
            add={f.holds === 'piece' ? texts.addCore : texts.addShim}
            onPattern={(edit) =>
              onChange((o) => {
                const pieces = edit(piecesIn(o, f));
                return { [f.name]: f.holds === 'piece' ? (pieces[0] ?? null) : pieces };
              })
            }
          />
        ))}
    </div>
  );
}

const laidIn = (o: Operation, field: string) => (valueOf(o, field) ?? []) as readonly Laid[];

const piecesIn = (o: Operation, field: FieldOf): readonly Piece[] => {
  const there = valueOf(o, field.name) as readonly Piece[] | Piece | null | undefined;
  return there ? [there].flat() : [];
};
