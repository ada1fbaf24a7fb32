import { Choice } from '../../ui/Choice';
import { MeasureField, type Measure } from '../../ui/MeasureField';
import { PatternFields } from './StackFields';
import { SCHOOL_WORDS, type Lay, type Operation, type OxygenSchool, type Piece } from './plan';

interface FieldOf {
  readonly name: string;
  readonly label: string;
  readonly measure: Measure;
}

/** The figures of each kind of step, in the order they are thought of. */
const FIGURES: Record<Operation['kind'], readonly FieldOf[]> = {
  set: [
    { name: 'heats', label: 'Setting heats', measure: 'count' },
    { name: 'temperatureC', label: 'Heat', measure: 'temperature' },
    { name: 'soakMin', label: 'Soak', measure: 'minutes' },
    { name: 'reduction', label: 'Height taken', measure: 'percent' },
  ],
  draw: [
    { name: 'widthMm', label: 'To width', measure: 'length' },
    { name: 'heightMm', label: 'To height', measure: 'length' },
    { name: 'heats', label: 'Heats', measure: 'count' },
  ],
  trim: [
    { name: 'frontMm', label: 'Front', measure: 'length' },
    { name: 'backMm', label: 'Back', measure: 'length' },
    { name: 'sidesMm', label: 'Each edge', measure: 'length' },
  ],
  grind: [
    { name: 'bottomMm', label: 'Bottom', measure: 'length' },
    { name: 'topMm', label: 'Top', measure: 'length' },
  ],
  cut: [
    { name: 'pieces', label: 'Pieces', measure: 'count' },
    { name: 'kerfMm', label: 'Kerf', measure: 'length' },
  ],
  restack: [],
  fold: [{ name: 'endLossMm', label: 'Lost with the bend', measure: 'length' }],
};

const betweenOf = (o: Operation): readonly Piece[] => (o.kind === 'restack' ? o.between : []);

/** A step in place: each figure commits on its own. */
export function StepFields({
  operation,
  onChange,
}: {
  operation: Operation;
  /** Takes the fields to change, worked out from the step as it is by then. */
  onChange: (change: (operation: Operation) => Partial<Operation>) => Promise<string | null>;
}) {
  const figures = operation as unknown as Readonly<Record<string, number>>;
  return (
    <div className="grid gap-3">
      {FIGURES[operation.kind].length > 0 && (
        <div className="flex flex-wrap gap-3">
          {FIGURES[operation.kind].map((f) => (
            <MeasureField
              key={f.name}
              label={f.label}
              measure={f.measure}
              width={f.measure === 'count' ? 'w-24' : 'w-28'}
              value={figures[f.name] ?? 0}
              onCommit={(value) => onChange(() => ({ [f.name]: value }))}
            />
          ))}
        </div>
      )}
      {operation.kind === 'set' && (
        <Choice<OxygenSchool>
          label="Keeping oxygen out"
          value={operation.school}
          options={(Object.keys(SCHOOL_WORDS) as OxygenSchool[]).map((s) => ({
            value: s,
            show: SCHOOL_WORDS[s],
          }))}
          onChoose={(school) => void onChange(() => ({ school }))}
        />
      )}
      {operation.kind === 'restack' && (
        <>
          <Choice<Lay>
            label="Laid"
            value={operation.lay}
            options={[
              { value: 'SAME', show: 'same way up' },
              { value: 'TURNED', show: 'every second turned over' },
            ]}
            onChoose={(lay) => void onChange(() => ({ lay }))}
          />
          <PatternFields
            pattern={operation.between}
            least={0}
            legend="Between the bars, bottom first"
            onPattern={(edit) => onChange((o) => ({ between: edit(betweenOf(o)) }))}
          />
        </>
      )}
    </div>
  );
}
