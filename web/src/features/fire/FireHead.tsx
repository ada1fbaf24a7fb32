import * as texts from 'texts/fire/FireHead';
import { PROTECTION_NAMES } from '../billet/planWords';
import { FireControls, type Pane } from './FireControls';
import { nextTurn } from './nextTurn';
import type { Seen } from './course';
import type { Fire } from './useFire';
import { letGo } from './outbox';
import { useAwake } from './useAwake';

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
  const mayGoDark = useAwake();
  const { whole, now } = seen;
  const next = nextTurn(
    now.order,
    now.second,
    whole.billets.map((b) => b.name),
    place,
  );
  return (
    <header className="flex flex-wrap items-baseline gap-x-6 gap-y-1 [grid-area:head] phone:gap-x-4 phone:gap-y-0">
      {whole.billets.length > 1 ? (
        <div role="tablist" aria-label={texts.billets} className="flex gap-3">
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
        {whole.rehearsal && texts.practiceRun}
      </span>
      <span role="status" aria-label={texts.connection} className="text-soft">
        {fire.expired && <b className="text-ink">{texts.signedOutYourTapsAreKept}</b>}
        {!fire.online && !fire.expired && <b className="text-ink">{texts.noLineToTheShop} </b>}
        {fire.unsent > 0 && texts.entryHere({ unsent: fire.unsent })}
        {!fire.online && fire.unsent === 0 && !fire.expired && texts.goOnNothingIsLost}
      </span>
      {fire.unsaved > 0 && (
        <span role="alert">{texts.thisDeviceIsOutOfStorage({ unsaved: fire.unsaved })}</span>
      )}
      {fire.refused.map((r) => (
        <span key={r.entry.id} role="alert">
          {texts.oneEntryWasRefused({ why: r.why })}
          <button type="button" className="underline underline-offset-4" onClick={() => letGo(r.entry.id)}>
            {texts.discard}
          </button>
        </span>
      ))}
      {next && <span className="ml-auto text-soft phone:ml-0">{next}</span>}
      {mayGoDark && <span className="text-soft">{texts.theScreenMayGoDark}</span>}
      <FireControls
        pane={pane}
        onPane={onPane}
        onEnd={onEnd}
        className={`flex items-baseline gap-5 text-soft phone:hidden ${next ? '' : 'ml-auto'}`}
      />
      <button
        type="button"
        className="ml-auto hidden min-h-11 text-soft underline decoration-line underline-offset-4 phone:inline-block"
        onClick={() => onPane('trace')}
      >
        {texts.traceAndMore}
      </button>
    </header>
  );
}
