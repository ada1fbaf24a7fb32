import { useState } from 'react';
import { Link } from 'react-router';
import { PROTECTION_NAMES } from '../billet/plan';
import { nextTurn } from './nextTurn';
import type { Seen } from './course';
import { setSounds, soundsOn } from './sounds';
import type { Fire } from './useFire';
import { letGo } from './outbox';

export type Pane = 'trace' | 'order' | 'laid';

/** Which billet, how the state of the connection to the shop, and whose turn is next. */
export function FireHead({
  seen,
  fire,
  place,
  onPlace,
  pane,
  onPane,
  onEnd,
}: {
  seen: Seen;
  fire: Fire;
  place: number;
  onPlace: (place: number) => void;
  pane: Pane;
  onPane: (pane: Pane) => void;
  onEnd: () => void;
}) {
  const [sounds, setOn] = useState(soundsOn);
  const { whole, now } = seen;
  const next = nextTurn(
    now.order,
    now.second,
    whole.billets.map((b) => b.name),
    place,
  );
  return (
    <header className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
      {whole.billets.length > 1 ? (
        <div role="tablist" aria-label="Billets" className="flex gap-3">
          {whole.billets.map((b, i) => (
            <button
              key={b.place}
              type="button"
              role="tab"
              aria-selected={i === place}
              onClick={() => onPlace(i)}
              className={`min-h-11 border-b-4 px-1 text-left text-[17px] ${i === place ? 'border-ink font-bold' : 'border-transparent text-soft'}`}
            >
              {i + 1} {b.name}
            </button>
          ))}
        </div>
      ) : (
        <span className="text-[18px] font-bold">{whole.billets[0]?.name}</span>
      )}
      <span className="text-soft">
        {whole.billets[place]?.title.toLowerCase()}
        {whole.billets[place]?.protection && ` · ${PROTECTION_NAMES[whole.billets[place].protection]}`}
        {whole.rehearsal && ' · practice run'}
      </span>
      <span role="status" aria-label="Connection" className="text-soft">
        {fire.expired && <b className="text-ink">signed out; your taps are kept</b>}
        {!fire.online && !fire.expired && <b className="text-ink">no line to the shop; </b>}
        {fire.unsent > 0 && ` ${fire.unsent} ${fire.unsent === 1 ? 'entry' : 'entries'} here`}
        {!fire.online && fire.unsent === 0 && !fire.expired && 'go on, nothing is lost'}
      </span>
      {fire.unsaved > 0 && (
        <span role="alert">
          This device is out of storage: {fire.unsaved} {fire.unsaved === 1 ? 'tap is' : 'taps are'} kept on
          this page only. Keep it open until they are sent.
        </span>
      )}
      {fire.refused.map((r) => (
        <span key={r.entry.id} role="alert">
          One entry was refused: {r.why}{' '}
          <button type="button" className="underline underline-offset-4" onClick={() => letGo(r.entry.id)}>
            Discard
          </button>
        </span>
      ))}
      <span className="ml-auto flex items-baseline gap-5 text-soft">
        {next && <span>{next}</span>}
        <Quiet on={pane === 'order'} onTap={() => onPane(pane === 'order' ? 'trace' : 'order')}>
          Order
        </Quiet>
        <Quiet on={pane === 'laid'} onTap={() => onPane(pane === 'laid' ? 'trace' : 'laid')}>
          Checklist
        </Quiet>
        <Quiet
          on={sounds}
          onTap={() => {
            setSounds(!sounds);
            setOn(!sounds);
          }}
        >
          {sounds ? 'Sounds on' : 'Sounds off'}
        </Quiet>
        <Quiet on={false} onTap={onEnd}>
          End
        </Quiet>
        <Link to="/fire" className="underline decoration-line underline-offset-4">
          Leave
        </Link>
      </span>
    </header>
  );
}

function Quiet({ on, onTap, children }: { on: boolean; onTap: () => void; children: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`underline decoration-line underline-offset-4 ${on ? 'text-ink' : ''}`}
      onClick={onTap}
    >
      {children}
    </button>
  );
}
