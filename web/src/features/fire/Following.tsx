import * as texts from 'texts/fire/Following';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { Problem } from '../../lib/http';
import { Danger } from '../../ui/Danger';
import { Words } from '../../ui/Words';
import { useKeys } from '../billet/useKeys';
import { PROTECTION_NAMES } from '../billet/planWords';
import { Afterwards } from './Afterwards';
import { ACT_KEYS, ACT_WORDS, endFire, reopenFire, type Act } from './api';
import { clock, lastUndoable, shown, undone, type Seen } from './course';
import { FireControls, type Pane } from './FireControls';
import { FireHead } from './FireHead';
import { KeyHelp } from './KeyHelp';
import { Looks } from './Looks';
import { Checklist } from './Checklist';
import { Numbers } from './Numbers';
import { OrderChart } from './OrderChart';
import { SideTaps } from './SideTaps';
import { play } from './sounds';
import { StepLine } from './StepLine';
import { DoneTaps, OUTCOME_KEYS, OutcomeTaps, Taps } from './Taps';
import { TraceChart } from './TraceChart';
import { useClock } from './useClock';
import { useFire, type Fire } from './useFire';
import { KIND_WORDS, useTaps } from './useTaps';

/** One session: what to do now for one of its billets, and the taps that record it. */
export function Following({ id }: { id: number }) {
  const fire = useFire(id);
  if (fire.missing) {
    return (
      <main className="p-10">
        <h1 className="text-2xl">{texts.sessionNotFound}</h1>
        <Link to="/fire" className="underline underline-offset-4">
          {texts.backToFire}
        </Link>
      </main>
    );
  }
  if (!fire.seen) return <p className="p-10 text-soft">{texts.loadingTheSession}</p>;
  return fire.seen.whole.endedAt !== null ? (
    <Afterwards seen={fire.seen} log={fire.log} onReopen={() => reopenFire(id)} />
  ) : (
    <Live id={id} fire={fire} seen={fire.seen} />
  );
}

function Live({ id, fire, seen }: { id: number; fire: Fire; seen: Seen }) {
  const atMs = useClock();
  const [place, setPlace] = useState(0);
  const [pane, setPane] = useState<Pane>('trace');
  const [keys, setKeys] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const paneRef = useRef<HTMLElement>(null);
  const showPane = (next: Pane) => {
    setPane(next);
    // On a telephone it is below the first screen.
    paneRef.current?.scrollIntoView({ block: 'nearest' });
  };
  const here = shown(seen, place, fire.waiting, atMs);
  const names = seen.whole.billets.map((b) => b.name);
  const gone = undone(fire.log);
  const logEntries = [...seen.entries, ...fire.waiting.map((e) => onTime(e, seen))].filter(
    (e) => e.place === place && e.kind === 'DEED' && !gone.has(e.id),
  );
  const outcome = fire.log.find(
    (e) => e.place === place && ['HELD', 'SUSPECT', 'OPEN'].includes(e.kind) && !gone.has(e.id),
  );
  const last = lastUndoable(fire.log, place);
  const undoWords = last
    ? `Z · ${last.act ? ACT_WORDS[last.act].toLowerCase() : KIND_WORDS[last.kind]}`
    : null;

  const { tap, decide, see, back } = useTaps(fire, place, (words) => {
    setSaid(words);
    setPane('trace');
  });
  const end = () => void endFire(id).catch((thrown: unknown) => setSaid(Problem.from(thrown).detail));

  const other = seen.now.billets.findIndex((b) => !b.finished);
  const main = () => {
    if (here && !here.now.finished) tap(here.main, 'main');
    else if (outcome && other !== -1) setPlace(other);
  };
  useKeys({
    ' ': main,
    PageDown: main,
    z: back,
    'ctrl+z': back,
    e: end,
    r: () => setPane(pane === 'order' ? 'trace' : 'order'),
    a: () => setPane(pane === 'laid' ? 'trace' : 'laid'),
    '?': () => setKeys(!keys),
    ...Object.fromEntries(names.map((_, i) => [String(i + 1), () => setPlace(i)])),
    ...Object.fromEntries(Object.entries(ACT_KEYS).map(([act, key]) => [key, () => tap(act as Act)])),
    ...(here?.now.finished && !outcome
      ? Object.fromEntries(OUTCOME_KEYS.map(([key, kind]) => [key, () => decide(kind)]))
      : {}),
  });
  useSounds(here?.now.readyForS ?? 0, here?.sinceOutS ?? 0, here?.now.leftS ?? 0, here?.title ?? '');

  if (!here) return null;
  const nowS = seen.now.second + ((atMs - seen.heardAt) / 1000) * seen.now.speed;
  const awaitsResult = here.now.finished && here.billet.protection !== null && !outcome;
  const taps = keys ? (
    <KeyHelp many={names.length} />
  ) : awaitsResult ? (
    <OutcomeTaps onOutcome={decide} onUndo={back} undoWords={undoWords} />
  ) : here.now.finished ? (
    <DoneTaps
      next={other === -1 ? null : (names[other] ?? '')}
      onNext={() => setPlace(other)}
      onEnd={end}
      onAgain={() => tap('IN')}
      onUndo={back}
      undoWords={undoWords}
    />
  ) : (
    <Taps
      main={here.main}
      others={here.others}
      onMain={main}
      onTap={tap}
      onUndo={back}
      undoWords={undoWords}
    />
  );
  return (
    <main className={LAYOUT}>
      <div className={FIRST_SCREEN}>
        <FireHead
          seen={seen}
          fire={fire}
          place={place}
          onPlace={setPlace}
          pane={pane}
          onPane={showPane}
          onEnd={end}
        />
        <section
          aria-label={texts.now}
          className="flex min-h-0 flex-col justify-between gap-y-3 [grid-area:now]"
        >
          <div>
            <h1
              aria-live="polite"
              className="text-[42px] leading-[1.08] font-bold phone:text-[30px] flat:text-[24px]"
            >
              {outcome
                ? texts.loggedInThe({
                    value: KIND_WORDS[outcome.kind],
                    value2: seen.whole.rehearsal ? texts.practiceRun : texts.book,
                  })
                : awaitsResult
                  ? texts.result
                  : here.title}
            </h1>
            <p className="pt-2 text-[18px] leading-snug text-soft phone:pt-1 phone:text-[15px]">
              <Words of={here.why} />
            </p>
            {here.now.joints && (
              <p aria-label={texts.joints} className="pt-2 text-[16px] leading-snug phone:text-[14px]">
                <Words of={here.now.joints} />
              </p>
            )}
          </div>
          <div>
            <Numbers shown={here} />
            {here.where === 'FIRE' && !here.now.finished && (
              <Looks
                ask={here.now.ask}
                skinC={here.skinC}
                isFluxed={logEntries.some((e) => e.act === 'FLUX')}
                isFuelled={logEntries.some((e) => e.act === 'FUEL')}
                onSeen={see}
              />
            )}
          </div>
        </section>
        <div className="[grid-area:taps]">{taps}</div>
      </div>
      <section
        ref={paneRef}
        aria-label={PANE_WORDS[pane]}
        className="flex min-h-0 flex-col gap-2 [grid-area:pane] phone:min-h-[70dvh]"
      >
        <div className="min-h-0 flex-1 overflow-y-auto">
          {pane === 'order' ? (
            <OrderChart
              turns={seen.now.order}
              names={names}
              fromMin={nowS / 60}
              nowMin={nowS / 60}
              time={(m) => texts.inMin({ value: Math.round(m - nowS / 60) })}
            />
          ) : pane === 'laid' || (!here.now.begun && logEntries.length === 0) ? (
            <>
              <h2 className="pb-1 text-[18px]">{texts.checklist}</h2>
              <Checklist items={here.billet.layOut} of={`${id}.${place}`} />
              {here.billet.cautions.map((c) => (
                <Danger key={c} words={c} className="mt-3 text-[14px]" />
              ))}
            </>
          ) : (
            <TraceChart
              billet={here.billet}
              forge={seen.forge}
              history={seen.histories[place] ?? []}
              forecast={here.now.forecast}
              logEntries={logEntries}
              nowS={nowS}
            />
          )}
        </div>
        <StepLine steps={here.billet.steps} stepStates={here.stepStates} />
      </section>
      <SideTaps seen={seen} place={place} put={fire.put} said={said} />
      <FireControls
        pane={pane}
        onPane={showPane}
        onEnd={end}
        className="hidden flex-wrap gap-x-6 pb-6 text-soft phone:flex"
      />
      <span className="sr-only" role="status">
        {said} {here.billet.protection && PROTECTION_NAMES[here.billet.protection]} {clock(nowS)}
      </span>
    </main>
  );
}

/** Wide: what to do now beside the trace. Upright: below each other. On a telephone: one screen, the rest under it. */
const LAYOUT = `grid h-full gap-x-8 gap-y-3 px-7 py-4
  grid-cols-[minmax(19rem,27rem)_minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto_auto]
  [grid-template-areas:'head_head'_'now_pane'_'side_side'_'taps_taps']
  upright:grid-cols-[minmax(0,1fr)] upright:grid-rows-[auto_auto_minmax(0,1fr)_auto_auto]
  upright:[grid-template-areas:'head'_'now'_'pane'_'side'_'taps']
  phone:block phone:px-3 phone:py-0`;

const FIRST_SCREEN = `contents
  phone:grid phone:h-full phone:grid-cols-[minmax(0,1fr)] phone:grid-rows-[auto_minmax(0,1fr)_auto]
  phone:gap-y-2 phone:py-2 phone:[grid-template-areas:'head'_'now'_'taps']
  flat:grid-cols-2 flat:gap-x-4 flat:grid-rows-[auto_minmax(0,1fr)] flat:[grid-template-areas:'head_head'_'now_taps']`;

const PANE_WORDS: Record<Pane, string> = {
  trace: texts.trace,
  order: texts.orderOfWork,
  laid: texts.checklist,
};

/** An entry that waits, with its second of the session as far as this screen knows. */
function onTime(entry: Fire['waiting'][number], seen: Seen) {
  const live = (Date.parse(entry.doneAt) - Date.parse(seen.whole.startedAt)) / 1000;
  return { ...entry, atS: seen.whole.rehearsal ? seen.now.second : live };
}

/** Tones at the moments that are easily missed: ready, turn it, too cold. */
function useSounds(readyForS: number, outS: number, leftS: number, title: string) {
  const ready = readyForS > 0;
  const cold = outS > 0 && leftS <= 0;
  const turn = title.startsWith('Turn');
  useEffect(() => {
    if (ready) play('ready');
  }, [ready]);
  useEffect(() => {
    if (cold) play('cold');
  }, [cold]);
  useEffect(() => {
    if (turn) play('turn');
  }, [turn]);
}
