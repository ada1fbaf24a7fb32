import * as texts from 'texts/billet/FlawList';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { JointGlyph } from '../../figures/JointGlyph';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Length, useUnits, Words } from '../../ui/Words';
import { DECISION_WORDS, FLAW_WORDS, type Spot } from '../book/api';
import { useWriteEntry } from '../book/useWriteEntry';
import type { Stage } from './api';
import { STATE_WORDS, waysOut, type FlawView, type WayOut } from './flaws';
import type { Operation } from './plan';

/** Flaws of a joint; a crack or a blister has other causes. */
const OF_JOINTS = new Set(['SEAM', 'COLD_SHUT', 'INCLUSION']);

/** The flaws that lie in the open stage, and what can be done about each: every way is a step on the Run. */
export function FlawList({
  billetId,
  flaws,
  stage,
  weld,
  why,
  onStep,
}: {
  billetId: number;
  flaws: readonly { readonly view: FlawView; readonly spot: Spot }[];
  stage: Stage;
  weld: Extract<Operation, { kind: 'set' }>;
  /** Why a joint is open at a place; null where no weld was made before. */
  why: (joint: number | null, spot: Spot) => ReactNode;
  /** Puts a step after the open stage; answers with its path, or what is wrong. */
  onStep: (operation: Operation) => Promise<{ key: string } | { wrong: string }>;
}) {
  if (flaws.length === 0) return null;
  return (
    <section aria-label={texts.flawsHere} className="mt-2 border-t border-ink pt-2 pb-3">
      <h3>{texts.openFlawsAtThisStep}</h3>
      <ul>
        {flaws.map(({ view, spot }, i) => (
          <OneFlaw
            key={`${view.flaw.id} ${i}`}
            billetId={billetId}
            view={view}
            spot={spot}
            stage={stage}
            weld={weld}
            why={why}
            onStep={onStep}
          />
        ))}
      </ul>
    </section>
  );
}

function OneFlaw({
  billetId,
  view,
  spot,
  stage,
  weld,
  why,
  onStep,
}: {
  billetId: number;
  view: FlawView;
  spot: Spot;
  stage: Stage;
  weld: Extract<Operation, { kind: 'set' }>;
  /** Why a joint is open at a place; null where no weld was made before. */
  why: (joint: number | null, spot: Spot) => ReactNode;
  onStep: (operation: Operation) => Promise<{ key: string } | { wrong: string }>;
}) {
  const write = useWriteEntry(billetId);
  const system = useUnits();
  const [choosing, setChoosing] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);
  const decide = useMutation({
    mutationFn: async (way: WayOut) => {
      const done = await onStep(way.operation);
      if ('wrong' in done) {
        setWrong(done.wrong);
        return;
      }
      setWrong(null);
      setChoosing(false);
      const disposition = {
        flawId: view.flaw.id,
        decision: way.decision,
        stepKey: done.key,
        at: new Date().toISOString(),
        note: '',
      };
      await write.mutateAsync({ says: { disposition } });
    },
  });
  const last = view.decisions.at(-1);
  const problem = decide.error ? Problem.from(decide.error).detail : wrong;
  return (
    <li className="border-b border-rule py-2 text-[14px]" data-flaw-state={view.state}>
      <span className="flex gap-2.5">
        <JointGlyph state={view.flaw.state} size={18} />
        <span>
          <b>{FLAW_WORDS[view.flaw.kind]}</b>
          {view.flaw.joint !== null && texts.jointFromBelow({ joint: view.flaw.joint })}
          {stage.count > 1 && texts.inBar({ value: spot.bar + 1 })}
          <span className="block text-soft">
            <Length mm={spot.fromXMm} /> {texts.to} <Length mm={spot.toXMm} unit />{' '}
            {texts.fromTheStop({ value: last ? DECISION_WORDS[last.decision] : STATE_WORDS[view.state] })}
            {last && view.state !== 'OPEN' && view.state !== 'WATCHED' && ` · ${STATE_WORDS[view.state]}`}
          </span>
        </span>
      </span>
      {choosing ? (
        <span
          className="flex flex-col items-start gap-1.5 pt-1.5 pl-7"
          role="group"
          aria-label={texts.chooseRepair}
        >
          {waysOut(spot, stage, weld, system).map((way) => (
            <Button
              key={way.decision}
              className="text-left text-[14px]"
              disabled={decide.isPending}
              onClick={() => decide.mutate(way)}
            >
              <Words of={way.words} />
            </Button>
          ))}
          <Button weight="quiet" onClick={() => setChoosing(false)}>
            {texts.chooseRepairLater}
          </Button>
        </span>
      ) : (
        <Button weight="quiet" className="ml-7 pt-1 text-[14px]" onClick={() => setChoosing(true)}>
          {texts.chooseRepair}
        </Button>
      )}
      {OF_JOINTS.has(view.flaw.kind) && <div className="pl-7">{why(view.flaw.joint, spot)}</div>}
      {problem && (
        <p role="alert" className="pl-7">
          ▲ <Words of={problem} />
        </p>
      )}
    </li>
  );
}
