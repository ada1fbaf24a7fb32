import * as texts from 'texts/steel/Tones';
import { toneColour } from '../../figures/tone';
import type { Steel } from './api';

/** The chosen tones as they would alternate, after the etch. */
export function Tones({ steels }: { steels: readonly Steel[] }) {
  const lines = Array.from({ length: 9 }, (_, i) => steels[i % steels.length]).filter((s) => s !== undefined);
  return (
    <figure className="pt-2">
      <div
        role="img"
        aria-label={texts.tonesSideBySide({
          value: steels.map((s) => `${s.id} ${s.etchTone.value.toFixed(2)}`).join(', '),
        })}
        className="flex h-12 border border-ink"
      >
        {lines.map((s, i) => (
          <span key={i} className="flex-1" style={{ background: toneColour(s.etchTone.value) }} />
        ))}
      </div>
      <figcaption className="condensed pt-0.5 text-[13px] text-soft">
        {texts.asTheyWouldAlternateAfterThe}
      </figcaption>
    </figure>
  );
}
