import * as texts from 'texts/steel/SteelChoice';
import { useId } from 'react';
import { toneColour } from '../../figures/tone';
import { INPUT } from '../../ui/Field';
import { useUnits } from '../../ui/Words';
import { showLength } from '../../units';
import type { Shelved, StockBar } from '../stock/api';
import type { Steel } from './api';

/** One steel out of those at hand, with its tone after the etch beside it. */
export function SteelChoice({
  label,
  steels,
  value,
  onChoose,
  bars = [],
  onBar,
}: {
  label: string;
  steels: readonly Steel[];
  value: string;
  onChoose: (steel: string) => void;
  /** Bars on the shelf, offered first. */
  bars?: readonly Shelved[];
  onBar?: (bar: StockBar) => void;
}) {
  const id = useId();
  const system = useUnits();
  const length = (mm: number) => showLength(mm, system).text;
  const chosen = steels.find((s) => s.id === value);
  return (
    <div className="flex items-center gap-2">
      <span
        aria-hidden
        title={chosen ? texts.etchTone({ value: chosen.etchTone.value }) : undefined}
        className="h-8 w-3 shrink-0 border border-line"
        style={{ background: chosen ? toneColour(chosen.etchTone.value) : 'none' }}
      />
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <select
        id={id}
        className={`${INPUT} w-44!`}
        value={value}
        onChange={(e) => {
          const bar = bars.find((s) => `bar ${s.id}` === e.target.value)?.bar;
          if (bar && onBar) onBar(bar);
          else onChoose(e.target.value);
        }}
      >
        {!chosen && <option value={value}>{value}</option>}
        {bars.length > 0 && (
          <optgroup label={texts.onTheShelf}>
            {bars.map(({ id: number, bar }) => (
              <option key={number} value={`bar ${number}`}>
                {texts.ofText({
                  steel: bar.steel,
                  thicknessMm: length(bar.thicknessMm),
                  pieces: bar.pieces,
                  widthMm: length(bar.widthMm),
                  lengthMm: length(bar.lengthMm),
                })}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label={texts.everySteel}>
          {steels.map((s) => (
            <option key={s.id} value={s.id}>
              {s.id} · {s.family}
            </option>
          ))}
        </optgroup>
      </select>
    </div>
  );
}
