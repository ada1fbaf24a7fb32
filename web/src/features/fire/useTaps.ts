import * as texts from 'texts/fire/useTaps';
import { useCallback, useRef } from 'react';
import { ACT_WORDS, type Act, type Kind, type SightingKind } from './api';
import type { WeldOutcome } from '../book/api';
import type { Fire } from './useFire';

/** A second tap of the same thing this soon is a bounce of the switch or the glove. */
export const BOUNCE_MS = 500;

export const KIND_WORDS: Record<Kind, string> = {
  DEED: texts.deed,
  UNDO: texts.undo,
  READING: texts.reading,
  NOTE: texts.note,
  HELD: texts.sound,
  SUSPECT: texts.suspect,
  OPEN: texts.delaminated,
  SHADOW: texts.shadow,
  NO_SHADOW: texts.noShadow,
  FLUX_MELTS: texts.fluxMelts,
  FLUX_CLEAR: texts.fluxRunsClear,
  FLUX_SMOKES: texts.fluxSmokes,
  FUEL_OUT: texts.fuelBurntOut,
  COLOR: texts.color,
  SKIN: texts.skinReading,
  FORGE: texts.forgeSetting,
  AIR: texts.airForTheGas,
  SPEED: texts.speed,
};

/** Taps for one billet, each recorded once however the switch bounces, and said in words. */
export function useTaps(fire: Fire, place: number, say: (words: string) => void) {
  const last = useRef({ what: '', at: 0 });
  const once = useCallback((what: string, then: () => void) => {
    const bounced = last.current.what === what && Date.now() - last.current.at < BOUNCE_MS;
    last.current = { what, at: Date.now() };
    if (!bounced) then();
  }, []);
  /** `by` names the switch where it is not the act's own: the wide tap changes what it means. */
  const tap = (act: Act, by: string = act) =>
    once(by, () => {
      fire.tap(act, place);
      say(texts.recorded({ value: ACT_WORDS[act] }));
    });
  const decide = (outcome: WeldOutcome) =>
    once(outcome, () => {
      fire.put(outcome, place);
      say(texts.recorded({ value: KIND_WORDS[outcome] }));
    });
  const see = (kind: SightingKind, figure?: number) =>
    once(`${kind}${figure ?? ''}`, () => {
      fire.put(kind, place, figure === undefined ? {} : { figure });
      say(texts.recorded({ value: KIND_WORDS[kind] }));
    });
  const back = () =>
    once('undo', () => {
      const what = fire.undo(place);
      if (what) say(texts.undone({ value: what.act ? ACT_WORDS[what.act] : KIND_WORDS[what.kind] }));
    });
  return { tap, decide, see, back };
}
