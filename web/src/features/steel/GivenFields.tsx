import * as texts from 'texts/steel/GivenFields';
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
  { name: 'solidusC', label: texts.startsToMelt, measure: 'temperature', worked: (s) => s.solidus.value },
  { name: 'weldFromC', label: texts.weldsFrom, measure: 'temperature', worked: (s) => s.weldWindow?.fromC },
  { name: 'weldToC', label: texts.weldsTo, measure: 'temperature', worked: (s) => s.weldWindow?.toC },
  {
    name: 'hardenFromC',
    label: texts.hardensFrom,
    measure: 'temperature',
    worked: (s) => s.hardening?.fromC,
  },
  { name: 'hardenToC', label: texts.hardensTo, measure: 'temperature', worked: (s) => s.hardening?.toC },
  { name: 'etchTone', label: texts.etchTone, measure: 'number', worked: (s) => s.etchTone.value },
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
      <legend className="condensed text-[13px] text-soft">{texts.workedOutFromTheRestType}</legend>
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
                  aria-label={texts.calculateAgain({ label })}
                  onClick={() => onGiven({ [name]: null })}
                >
                  {texts.calculate}
                </Button>
              )}
            </div>
          );
        })}
      </div>
    </fieldset>
  );
}
