import { useId } from 'react';
import { toneColour } from '../../figures/tone';
import { INPUT } from '../../ui/Field';
import type { Steel } from './api';

/** One steel out of those at hand, with its tone after the etch beside it. */
export function SteelChoice({
  label,
  steels,
  value,
  onChoose,
}: {
  label: string;
  steels: readonly Steel[];
  value: string;
  onChoose: (steel: string) => void;
}) {
  const id = useId();
  const chosen = steels.find((s) => s.id === value);
  return (
    <div className="flex items-center gap-2">
      <span
        aria-hidden
        title={chosen ? `etch tone ${chosen.etchTone}` : undefined}
        className="h-8 w-3 shrink-0 border border-line"
        style={{ background: chosen ? toneColour(chosen.etchTone) : 'none' }}
      />
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <select id={id} className={`${INPUT} w-44!`} value={value} onChange={(e) => onChoose(e.target.value)}>
        {!chosen && <option value={value}>{value}</option>}
        {steels.map((s) => (
          <option key={s.id} value={s.id}>
            {s.id} · {s.family}
          </option>
        ))}
      </select>
    </div>
  );
}
