import * as texts from 'texts/fire/KeyHelp';
import { Kbd } from '../billet/Keys';
import { ACT_KEYS, ACT_WORDS, type Act } from './api';

/** Every key of a session, in place. */
export function KeyHelp({ many }: { many: number }) {
  const others: readonly (readonly [string, string])[] = [
    [texts.space, texts.theWideButtonAlsoPageDown],
    ...Object.entries(ACT_KEYS).map(([act, key]) => [key, ACT_WORDS[act as Act].toLowerCase()] as const),
    ['Z', texts.undo],
    ...(many > 1 ? [[`1 – ${many}`, texts.anotherBillet] as const] : []),
    ['R', texts.orderOfWork],
    ['A', texts.checklist],
    ['E', texts.endTheSession],
    ['?', texts.hideTheKeys],
  ];
  return (
    <p className="flex min-h-[104px] flex-wrap content-center gap-x-6 gap-y-2 border-2 border-line px-5 text-[15px]">
      {others.map(([key, does]) => (
        <span key={key}>
          <Kbd>{key}</Kbd> {does}
        </span>
      ))}
    </p>
  );
}
