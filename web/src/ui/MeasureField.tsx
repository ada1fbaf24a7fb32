import { useState, type ReactNode } from 'react';
import {
  editLength,
  editTemperature,
  lengthUnit,
  parseCount,
  parseLength,
  parseNumber,
  parseSigned,
  parseTemperature,
  type Parsed,
  type UnitSystem,
} from '../units';
import { Field, INPUT } from './Field';
import { useUnits } from './Words';

export type Measure = 'length' | 'temperature' | 'count' | 'percent' | 'minutes' | 'number' | 'offset';

const READ: Record<Measure, (text: string, system: UnitSystem) => Parsed> = {
  length: parseLength,
  temperature: parseTemperature,
  count: parseCount,
  percent: (text) => {
    const typed = parseNumber(text, '%');
    return 'value' in typed ? { value: Number((typed.value / 100).toPrecision(15)) } : typed;
  },
  minutes: (text) => parseNumber(text, 'min'),
  number: (text) => parseNumber(text),
  offset: (text) => parseSigned(text),
};

const WRITE: Record<Measure, (value: number, system: UnitSystem) => string> = {
  length: editLength,
  temperature: editTemperature,
  count: String,
  percent: (value) => String(Number((value * 100).toPrecision(12))),
  minutes: String,
  number: String,
  offset: String,
};

const unitOf = (measure: Measure, system: UnitSystem) =>
  ({
    length: lengthUnit(system),
    temperature: system === 'METRIC' ? '°C' : '°F',
    count: '',
    percent: '%',
    minutes: 'min',
    number: '',
    offset: '',
  })[measure];

/**
 * One figure, typed in any unit. What was typed stays in the field until it is right: Enter or leaving the
 * field takes it over, Escape brings the old value back. Left as it was, the stored value is not touched.
 */
export function MeasureField({
  label,
  measure,
  value,
  onCommit,
  width = 'w-28',
  hideUnit = false,
  hint,
}: {
  label: ReactNode;
  measure: Measure;
  value: number;
  /** Takes the new value over; answers with what is wrong with it, if anything. */
  onCommit: (value: number) => Promise<string | null> | string | null;
  width?: string;
  /** Where the unit already stands over the field above. */
  hideUnit?: boolean;
  hint?: ReactNode;
}) {
  const system = useUnits();
  const stored = WRITE[measure](value, system);
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  /** What was last taken over, or tried to. */
  const [put, setPut] = useState<string | null>(null);
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    // Stored anew, by this field or past it (undo, another window): what was taken over from here is over. What
    // is being typed since then stays.
    setSeen(value);
    if (typed === put) {
      setTyped(null);
      setError(null);
    }
  }
  const unit = unitOf(measure, system);

  const take = async (text: string) => {
    setPut(text);
    if (text.trim() === stored) {
      setTyped(null);
      setError(null);
      return;
    }
    const read = READ[measure](text, system);
    const wrong = 'error' in read ? read.error : await onCommit(read.value);
    setError(wrong);
    if (wrong === null) setTyped((now) => (now === text ? null : now));
  };

  return (
    <Field
      label={
        <>
          {label}
          {unit && !hideUnit && <span className="pl-1 opacity-75">{unit}</span>}
        </>
      }
      error={error}
      hint={hint}
      className={error ? 'max-w-60' : width}
    >
      {(parts) => (
        <div className={width}>
          <input
            {...parts}
            className={INPUT}
            value={typed ?? stored}
            autoComplete="off"
            spellCheck={false}
            onFocus={(e) => e.target.select()}
            onChange={(e) => setTyped(e.target.value)}
            onBlur={() => {
              if (typed !== null) void take(typed);
            }}
            onKeyDown={(e) => {
              if (e.key === 'Enter') {
                e.preventDefault();
                void take(typed ?? stored);
              }
              if (e.key === 'Escape') {
                e.stopPropagation();
                setTyped(null);
                setError(null);
              }
            }}
          />
        </div>
      )}
    </Field>
  );
}
