import * as texts from 'texts/fire/SideTaps';
import { useState } from 'react';
import { edit, parseQuantity, show, systemOf } from '../../units';
import { INPUT } from '../../ui/Field';
import { useUnits } from '../../ui/Words';
import type { Entry, Gauge, Kind, Now } from './api';
import type { Seen } from './course';

const SPEEDS = [1, 5, 20];
const STEP_C = 20;
const HOTTEST_C = 1500;
/** A welding heat, as an example of what is typed; °C. */
const SETTING_C = (2150 - 32) / 1.8;

/** What the instruments say, and what is reported beside the taps: a reading, a note, a rehearsal's handles. */
export function SideTaps({
  seen,
  place,
  put,
  said,
}: {
  seen: Seen;
  place: number;
  put: (kind: Kind, place: number, more?: Partial<Entry>) => void;
  said: string | null;
}) {
  const units = useUnits();
  const { now, whole } = seen;
  const temperature = (kind: 'READING' | 'SKIN') => (text: string) => {
    const read = parseQuantity('temperature', text, systemOf(units, 'temperature'));
    if (!('value' in read)) return read.error;
    if (read.value < 0 || read.value > HOTTEST_C) {
      return texts.enterATemperatureUpTo({ hottest: show('temperature', HOTTEST_C, units) });
    }
    put(kind, place, { figure: read.value });
    return null;
  };
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-rule pt-2 text-[15px] [grid-area:side] phone:py-4">
      <span aria-label={texts.forge}>
        <span className="text-soft">{texts.forge2} </span>
        <b>{now.forge.value === null ? '—' : show('temperature', now.forge.value, units)}</b>
        <Trouble gauge={now.forge} used={show('temperature', now.chamberC, units)} />
      </span>
      {now.press.value !== null && (
        <span aria-label={texts.press}>
          <span className="text-soft">{texts.press2} </span>
          <b>{show('pressure', now.press.value, units)}</b>
          {!now.press.good && <b> {now.press.words}</b>}
        </span>
      )}
      {whole.rehearsal ? (
        <Handles seen={seen} put={put} />
      ) : (
        <Typed
          label={texts.enterTheForgeTemperature}
          placeholder={edit('temperature', SETTING_C, units)}
          onTyped={temperature('READING')}
        />
      )}
      <Typed label={texts.skinByAThermometer} placeholder={texts.skinReading} onTyped={temperature('SKIN')} />
      <Typed
        label={texts.note}
        placeholder={texts.aNote}
        onTyped={(text) => {
          put('NOTE', place, { note: text.slice(0, 2000) });
          return null;
        }}
      />
      <span className="text-soft">{said}</span>
    </div>
  );
}

/** A gauge that is lost or reads wrong: said, with what is used instead. */
function Trouble({ gauge, used }: { gauge: Gauge; used: string }) {
  if (gauge.good) return null;
  return (
    <span role="alert">
      {' '}
      {gauge.state === 'WAITING' ? texts.noThermocouple : gauge.words}
      {texts.using({ used })}
    </span>
  );
}

type Flame = NonNullable<Now['flame']>;

/** What the flame at the door shows, and air in times what the gas needs. */
const FLAMES: Record<Flame, { readonly words: string; readonly air: number }> = {
  RICH: { words: texts.flameRich, air: 0.85 },
  NEUTRAL: { words: texts.flameNeutral, air: 1 },
  OXIDISING: { words: texts.flameLean, air: 1.15 },
};
const FLAME_ORDER: readonly Flame[] = ['RICH', 'NEUTRAL', 'OXIDISING'];
const FLAME_STEPS = [
  { by: -1, label: texts.lessAir, show: '−' },
  { by: 1, label: texts.moreAir, show: '+' },
] as const;

function Handles({
  seen,
  put,
}: {
  seen: Seen;
  put: (kind: Kind, place: number, more?: Partial<Entry>) => void;
}) {
  const units = useUnits();
  const set = seen.now.setC ?? 1240;
  const flame = seen.now.flame ?? 'RICH';
  return (
    <span className="flex flex-wrap items-center gap-2">
      <span className="text-soft">{texts.setTo({ show: show('temperature', set, units) })}</span>
      {[-STEP_C, STEP_C].map((by) => (
        <button
          key={by}
          type="button"
          className="min-h-10 min-w-10 border border-line px-2"
          aria-label={by < 0 ? texts.forgeCooler : texts.forgeHotter}
          onClick={() => put('FORGE', 0, { figure: Math.min(1400, Math.max(600, set + by)) })}
        >
          {by < 0 ? '−' : '+'}
        </button>
      ))}
      <span className="pl-3 text-soft">{FLAMES[flame].words}</span>
      {FLAME_STEPS.map(({ by, label, show: sign }) => {
        const next = FLAME_ORDER[FLAME_ORDER.indexOf(flame) + by];
        return (
          <button
            key={by}
            type="button"
            className="min-h-10 min-w-10 border border-line px-2 disabled:text-soft"
            aria-label={label}
            disabled={next === undefined}
            onClick={() => next && put('AIR', 0, { figure: FLAMES[next].air })}
          >
            {sign}
          </button>
        );
      })}
      <span className="pl-3 text-soft">{texts.time}</span>
      {SPEEDS.map((speed) => (
        <button
          key={speed}
          type="button"
          className={`min-h-10 border px-2 ${seen.now.speed === speed ? 'border-ink font-bold' : 'border-line'}`}
          onClick={() => put('SPEED', 0, { figure: speed })}
        >
          {speed}×
        </button>
      ))}
    </span>
  );
}

/** A field that is sent with Enter; what cannot be read stays, with the reason. */
function Typed({
  label,
  placeholder,
  onTyped,
}: {
  label: string;
  placeholder: string;
  onTyped: (text: string) => string | null;
}) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (text.trim() === '') return;
        const problem = onTyped(text.trim());
        setWrong(problem);
        if (problem === null) {
          setText('');
          (document.activeElement as HTMLElement | null)?.blur();
        }
      }}
    >
      <input
        aria-label={label}
        aria-invalid={wrong !== null}
        placeholder={placeholder}
        className={`${INPUT} min-h-10 w-32!`}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      {wrong && <span role="alert">{wrong}</span>}
    </form>
  );
}
