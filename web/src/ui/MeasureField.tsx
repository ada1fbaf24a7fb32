import { useState, type ReactNode } from 'react';
import {
  edit,
  parseCount,
  parseNumber,
  parseQuantity,
  systemOf,
  unitOf,
  type Parsed,
  type QuantityKind,
  type Units,
} from '../units';
import { Field, INPUT } from './Field';
import { useUnits } from './Words';

/** What a field holds: a quantity in its stored unit, minutes, or a plain number. */
export type Measure = QuantityKind | 'minutes' | 'count' | 'number';

const tidy = (value: number) => Number(value.toPrecision(15));

function read(measure: Measure, text: string, units: Units): Parsed {
  if (measure === 'count') return parseCount(text);
  if (measure === 'number') return parseNumber(text);
  const kind = measure === 'minutes' ? 'time' : measure;
  const typed = parseQuantity(kind, text, systemOf(units, kind));
  return 'value' in typed && measure === 'minutes' ? { value: tidy(typed.value / 60) } : typed;
}

function write(measure: Measure, value: number, units: Units): string {
  if (measure === 'count' || measure === 'number') return String(tidy(value));
  return measure === 'minutes' ? edit('time', value * 60, units) : edit(measure, value, units);
}

const unitBeside = (measure: Measure, units: Units) =>
  measure === 'count' || measure === 'number' ? '' : unitOf(measure === 'minutes' ? 'time' : measure, units);

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
  /** Where the unit already is over the field above. */
  hideUnit?: boolean;
  hint?: ReactNode;
}) {
  const units = useUnits();
  /** What was typed for the value that is stored: it stays as it was typed. */
  const [own, setOwn] = useState<{ text: string; value: number; units: Units } | null>(null);
  const stored = own?.value === value && own.units === units ? own.text : write(measure, value, units);
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  /** What was last taken over, or tried to. */
  const [put, setPut] = useState<string | null>(null);
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    // Stored again, by this field or past it (undo, another window): what was taken over from here is over. What
    // is being typed since then stays.
    setSeen(value);
    if (typed === put) {
      setTyped(null);
      setError(null);
    }
  }
  const unit = unitBeside(measure, units);

  const take = async (text: string) => {
    setPut(text);
    if (text.trim() === stored) {
      setTyped(null);
      setError(null);
      return;
    }
    const typedNow = read(measure, text, units);
    const wrong = 'error' in typedNow ? typedNow.error : await onCommit(typedNow.value);
    setError(wrong);
    if (wrong === null && 'value' in typedNow) setOwn({ text: text.trim(), value: typedNow.value, units });
    if (wrong === null) setTyped((now) => (now === text ? null : now));
  };

  return (
    <Field
      label={
        <>
          {label}
          {unit && !hideUnit && <span className="pl-1">{unit}</span>}
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
