import { Button } from '../../ui/Button';
import { MeasureField, type Measure } from '../../ui/MeasureField';
import type { OwnSteel, Steel } from './api';

type Given = OwnSteel['given'];
type Name = Exclude<keyof Given, 'quench'>;

const FIGURES: readonly {
  readonly name: Name;
  readonly label: string;
  readonly measure: Measure;
  readonly worked: (steel: Steel) => number | undefined;
}[] = [
  { name: 'solidusC', label: 'Starts to melt', measure: 'temperature', worked: (s) => s.solidus.value },
  { name: 'weldFromC', label: 'Welds from', measure: 'temperature', worked: (s) => s.weldWindow?.fromC },
  { name: 'weldToC', label: 'Welds to', measure: 'temperature', worked: (s) => s.weldWindow?.toC },
  { name: 'hardenFromC', label: 'Hardens from', measure: 'temperature', worked: (s) => s.hardening?.fromC },
  { name: 'hardenToC', label: 'Hardens to', measure: 'temperature', worked: (s) => s.hardening?.toC },
  { name: 'etchTone', label: 'Etch tone', measure: 'number', worked: (s) => s.etchTone.value },
];

/** The worked-out figures, each of which can be given instead, and let go again. */
export function GivenFields({
  given,
  worked,
  onGiven,
}: {
  given: Given;
  worked: Steel;
  onGiven: (change: Partial<Given>) => void;
}) {
  return (
    <fieldset>
      <legend className="condensed text-[13px] text-soft">
        Worked out from the rest; type over what you know better
      </legend>
      <div className="flex flex-wrap gap-2">
        {FIGURES.map(({ name, label, measure, worked: figure }) => {
          const value = given[name] ?? figure(worked);
          return value === undefined ? null : (
            <div key={name}>
              <MeasureField
                label={label}
                measure={measure}
                width="w-24"
                value={measure === 'number' ? Number(value.toFixed(3)) : value}
                onCommit={(v) => {
                  onGiven({ [name]: v });
                  return null;
                }}
              />
              {given[name] !== null && (
                <Button
                  weight="quiet"
                  className="text-[13px]"
                  aria-label={`Calculate again: ${label}`}
                  onClick={() => onGiven({ [name]: null })}
                >
                  calculate
                </Button>
              )}
            </div>
          );
        })}
      </div>
    </fieldset>
  );
}
